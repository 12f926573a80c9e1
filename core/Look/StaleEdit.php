<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\LookException;
use Ikat\Core\Setting\SettingCatalog;

/** Somebody changed a setting after the writer had last seen it. Carries both values, so that neither is lost. */
final class StaleEdit extends \DomainException implements LookException
{
    private function __construct(
        public readonly string $path,
        public readonly mixed $theirs,
        public readonly mixed $yours,
        public readonly string $author,
        public readonly int $sequence,
        string $label,
        public readonly string $theirsInWords,
        public readonly string $yoursInWords,
    ) {
        parent::__construct(sprintf('%s changed “%s” while you were editing it. Choose which of the two stays.', $author, $label));
    }

    /** @param SettingCatalog $catalog in which label and values are said */
    public static function on(Change $theirs, bool|float|string|null $yours, JournalEntry $entry, SettingCatalog $catalog): self
    {
        $setting = $catalog->has($theirs->path) ? $catalog->get($theirs->path) : null;
        $said = static fn(bool|float|string|null $value): string => $value === null
            ? 'as it comes from the theme'
            : ($setting?->describe($value) ?? (string) $value);

        return new self(
            $theirs->path,
            $theirs->after,
            $yours,
            $entry->author,
            $entry->sequence,
            $setting->label ?? $theirs->path,
            $said($theirs->after),
            $said($yours),
        );
    }
}
