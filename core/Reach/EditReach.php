<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ItemsType;

/** What of a change of one setting can be seen, and why not where nothing can. */
final readonly class EditReach
{
    /**
     * @param array<string, list<int>> $places page => elements: as the pages stand
     * @param array<string, list<int>> $latent once something is opened, pointed at or focused
     * @param ?string $why nothing can be seen; null when something can
     * @param array<string, list<int>> $gone page => elements, as they were numbered before: what stood there and stands no more
     * @param string $when it can be seen, where that is not always; empty for always
     */
    private function __construct(
        public array $places,
        public array $latent,
        public ?string $why,
        public array $gone = [],
        public string $when = '',
    ) {}

    /** @param \Closure(): Inspection $before the look as it was, asked for only where nothing of the change shows now */
    public static function of(Change $change, Inspection $input, \Closure $before): self
    {
        if (! $input->look->catalog->has($change->path)) {
            return new self([], [], null);
        }
        $setting = $input->look->catalog->get($change->path);
        if (
            $setting->type instanceof ItemsType
            && self::shown(
                $change->before ?? $setting->default,
                $setting->type->prefix,
                $input,
            ) === self::shown($change->after ?? $setting->default, $setting->type->prefix, $input)
        ) {
            return new self([], [], 'what was moved, added or taken out is hidden');
        }
        $when = self::when(SettingPath::of($change->path));
        [$places, $latent] = self::measure($change->path, $input);
        if ($places !== [] || $latent !== []) {
            return new self(
                $places,
                $latent,
                $places === []
                    ? $input->get(ReachIndex::class)->whyNowhere($change->path, $input->look, $input->get(CompiledLook::class))
                    : null,
                when: $when,
            );
        }
        // Words that are gone and a part that is hidden were seen where they stood.
        $was = $before();
        $gone = $was->look->catalog->has($change->path) ? self::measure($change->path, $was)[0] : [];

        return $gone === []
            ? new self([], [], $input->get(ReachIndex::class)->whyNowhere($change->path, $input->look, $input->get(CompiledLook::class)))
            : new self([], [], null, $gone, $when);
    }

    /** @return array{array<string, list<int>>, array<string, list<int>>} page => elements: now, and once something is opened */
    private static function measure(string $path, Inspection $input): array
    {
        $reach = $input->get(ReachIndex::class);

        return [
            $reach->placesOf($path, $input->look, $input->get(CompiledLook::class)),
            $reach->latentPlacesOf($path, $input->look, $input->get(CompiledLook::class)),
        ];
    }

    private static function when(SettingPath $path): string
    {
        return match (true) {
            $path->item?->prefix === 'season' => 'while the season runs',
            $path->set?->isDark === true, $path->path === ColorInventory::DARK => 'in dark surroundings',
            default => '',
        };
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
