<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\Change;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Type\ItemsType;

/** What of a change of one setting can be seen, and why not where nothing can. */
final readonly class EditReach
{
    /**
     * @param array<string, list<int>> $places page => elements: as the pages stand
     * @param array<string, list<int>> $latent once something is opened, pointed at or focused
     * @param ?string $why nothing can be seen; null when something can
     */
    private function __construct(public array $places, public array $latent, public ?string $why) {}

    public static function of(Change $change, Inspection $input): self
    {
        if (! $input->look->catalog->has($change->path)) {
            return new self([], [], null);
        }
        $setting = $input->look->catalog->get($change->path);
        if ($setting->type instanceof ItemsType && self::shown($change->before ?? $setting->default, $setting->type->prefix, $input) === self::shown($change->after ?? $setting->default, $setting->type->prefix, $input)) {
            return new self([], [], 'what was moved, added or taken out is hidden');
        }
        // Words that were there and are gone, or the other way round, are seen where the part is.
        $places = $input->get(ReachIndex::class)->placesOf($change->path, $input->look, $input->get(CompiledLook::class));
        $latent = $input->get(ReachIndex::class)->latentPlacesOf($change->path, $input->look, $input->get(CompiledLook::class));
        $wasWritten = is_string($change->before) && $change->before !== '' && $change->after === '';
        if ($places === [] && $latent === [] && $wasWritten && $input->look->at($change->path)->unmet === null) {
            return new self($input->get(ReachIndex::class)->parts[$setting->part] ?? [], $input->get(ReachIndex::class)->latentParts[$setting->part] ?? [], null);
        }

        return new self($places, $latent, $places === [] ? $input->get(ReachIndex::class)->whyNowhere($change->path, $input->look, $input->get(CompiledLook::class)) : null);
    }

    /** @return list<string> */
    private static function shown(mixed $list, string $prefix, Inspection $input): array
    {
        $names = [];
        foreach (Item::listed($prefix, is_string($list) ? $list : '') as $item) {
            $path = $item->path('show');
            // Of an item that was taken out nobody can say any more; it counts as seen.
            if (! $input->look->catalog->has($path) || $input->look->value($path) === true) {
                $names[] = $item->name();
            }
        }

        return $names;
    }
}
