<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Setting\Setting;

/** Takes the merchant's own changes back, of one step or all of them: an edit like any other. The base stays. */
final class BackToOriginal
{
    public function __construct(private readonly LookWriter $writer) {}

    /**
     * @param callable(?Setting): bool $isMeant which of the own changes; asked with null for what the theme in force does not have
     *
     * @return ?Edit null when nothing of one's own is there
     */
    public function __invoke(Look $look, callable $isMeant, string $label, Author $author): ?Edit
    {
        return $this->writer->write($look, $author, static function (LookSnapshot $now) use ($isMeant, $label): LookPlan {
            $catalog = $now->catalog();
            $paths = array_filter(
                array_keys($now->own->own),
                static fn(string $path): bool => ! in_array($path, Base::PATHS, true)
                    && $isMeant($catalog->has($path) ? $catalog->get($path) : null),
            );

            return new LookPlan(array_fill_keys($paths, null), $label);
        });
    }
}
