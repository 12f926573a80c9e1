<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Palette\DarkSchemes;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\Links;
use Ikat\Core\Setting\SettingCatalog;

/**
 * A theme's new version, the old one and the merchant's own changes, merged three ways.
 *
 * Untouched settings move with the theme, changed ones stay, renamed and retyped ones are carried, and links to them with
 * them, wherever they stand in a value; where merchant and theme both changed a setting it is a question. What no longer
 * exists stays in the look, without effect: nothing is lost. Kept and carried mean that the value in force is the same
 * before and after; whatever comes out otherwise is told. Each own change falls into exactly one kind.
 */
final readonly class ThemeMerge
{
    /**
     * @param list<array{path: string, label: string, from: string, to: string}> $moved settings that are not the merchant's own
     * @param list<string> $kept
     * @param list<array<string, string>> $carried by path, to, label, value
     * @param list<array<string, string>> $retyped by path, label, was, becomes
     * @param list<array<string, string>> $removed by path, label, value, why; without effect in the new version
     * @param list<array<string, string>> $shifted by path, label, was, becomes, why; in force, and another value than before
     * @param list<array<string, string>> $loosened by path, label, value, was; what they were linked to is gone, and they keep its value as
     *     their own
     * @param list<array<string, string>> $questions by path, label, before, mine, theirs
     * @param array<string, bool|float|string|null> $changes what the merge does to the own changes whatever is decided
     */
    private function __construct(
        public Base $base,
        public array $moved,
        public array $kept,
        public array $carried,
        public array $retyped,
        public array $removed,
        public array $shifted,
        public array $loosened,
        public array $questions,
        private array $changes,
    ) {}

    public static function of(Theme $old, Theme $new, string $starter, LookState $own, StorefrontCatalog $catalogs): self
    {
        $bare = [
            'before' => self::resolve($catalogs, $old, $starter, $own, false),
            'after' => self::resolve($catalogs, $new, $starter, $own, false),
        ];
        $before = self::resolve($catalogs, $old, $starter, $own, true);
        $change = $new->changes[$old->version] ?? new ThemeChange([], [], []);
        $moved = $links = $retyped = [];
        foreach ($own->own as $path => $value) {
            if (in_array($path, Base::PATHS, true)) {
                continue;
            }
            $target = $change->renamed[$path] ?? null;
            if ($target !== null && ! array_key_exists($target, $own->own)) {
                $moved[$path] = $target;
            } elseif (isset($change->retyped[$path]) && ($becomes = $change->retype($path, $value)) !== null) {
                $retyped[$path] = $becomes;
            }
            if (! isset($retyped[$path])) {
                $links[$path] = self::relinked($path, $value, $before, $bare['after']->catalog, $change);
            }
        }
        $changes = $retyped;
        foreach ($links as $path => [$value]) {
            if (isset($moved[$path])) {
                $changes[$path] = null;
                $changes[$moved[$path]] = $value;
            } elseif ($value !== $own->own[$path]) {
                $changes[$path] = $value;
            }
        }
        ksort($changes, SORT_STRING);
        $after = self::resolve($catalogs, $new, $starter, LookState::of([...$own->own, ...$changes]), true);
        $told = array_fill_keys(['kept', 'carried', 'retyped', 'removed', 'shifted', 'loosened', 'questions'], []);
        foreach (array_diff_key($own->own, array_flip(Base::PATHS)) as $path => $value) {
            [$kind, $row] = self::told(
                $path,
                $value,
                $moved[$path] ?? $path,
                $links[$path][1] ?? null,
                isset($retyped[$path]),
                $before,
                $after,
                $bare,
                $change,
                $new,
            );
            $told[$kind][] = $row;
        }

        $rows = static fn(string $kind): array => array_values(array_filter($told[$kind], is_array(...)));

        return new self(
            $new->base($starter),
            self::moved($bare['before'], $bare['after'], $own),
            array_values(array_filter($told['kept'], is_string(...))),
            $rows('carried'),
            $rows('retyped'),
            $rows('removed'),
            $rows('shifted'),
            $rows('loosened'),
            $rows('questions'),
            $changes,
        );
    }

    /**
     * Links put where the new version has what they lead to; where it has nothing, the value in force takes their place.
     *
     * @return array{bool|float|string, ?string} the value to write, and the label of what it is no longer linked to
     */
    private static function relinked(
        string $path,
        bool|float|string $value,
        ResolvedLook $before,
        SettingCatalog $after,
        ThemeChange $change,
    ): array {
        if (! $before->catalog->has($path)) {
            return [$value, null];
        }
        $lost = null;
        $moved = static function (string $followed) use ($before, $after, $change, &$lost): string {
            $target = $change->renamed[$followed] ?? $followed;
            if (
                $before->catalog->has($followed)
                && (! $after->has($target) || $after->get($target)->type !== $before->catalog->get($followed)->type)
            ) {
                $lost = $before->catalog->get($followed)->label;

                return (string) $before->value($followed);
            }

            return Alias::to($target);
        };
        $rewritten = Links::rewritten($before->catalog->get($path), $value, $moved);

        // A link that is the whole of a value leaves a value of the setting's own type behind, not its text.
        return [$lost !== null && Alias::target($value) !== null ? $before->value($path) : $rewritten, $lost];
    }

    /**
     * @param array{before: ResolvedLook, after: ResolvedLook} $bare without the own changes
     *
     * @return array{string, array<string, string>|string} the kind, and its row
     */
    private static function told(
        string $path,
        bool|float|string $value,
        string $to,
        ?string $lost,
        bool $isRetyped,
        ResolvedLook $before,
        ResolvedLook $after,
        array $bare,
        ThemeChange $change,
        Theme $new,
    ): array {
        $had = $before->catalog->has($path);
        $has = $after->catalog->has($to);
        $label = $had ? $before->catalog->get($path)->label : ($has ? $after->catalog->get($to)->label : $path);
        $said = $had ? $before->catalog->get($path)->describe($value) : (string) $value;
        if (! $had && ! $has) {
            return ['kept', $path];
        }
        if ($isRetyped && $has) {
            return [
                'retyped',
                ['path' => $path, 'label' => $label, 'was' => $said, 'becomes' => $after->catalog->get($to)->describe($after->value($to))],
            ];
        }
        if (! $has) {
            return [
                'removed',
                [
                    'path' => $path,
                    'label' => $label,
                    'value' => $said,
                    'why' => $change->removed[$path] ?? "$new->title $new->version has nothing like it.",
                ],
            ];
        }
        $setting = $after->catalog->get($to);
        if (! $had || $before->value($path) !== $after->value($to)) {
            $was = $had ? $before->catalog->get($path)->describe($before->value($path)) : 'without effect';
            $row = [
                'path' => $path,
                'label' => $label,
                'was' => $was,
                'becomes' => $setting->describe($after->value($to)),
                'why' => self::whyShifted($path, $value, $to, $after, $change, $new),
            ];

            return $after->at($to)->layer->kind === LayerKind::Look
                ? ['shifted', $row]
                : ['removed', ['path' => $path, 'label' => $label, 'value' => $said, 'why' => $row['why']]];
        }
        if ($lost !== null) {
            return ['loosened', ['path' => $path, 'label' => $label, 'value' => $setting->describe($after->value($to)), 'was' => $lost]];
        }
        if ($to !== $path) {
            return ['carried', ['path' => $path, 'to' => $to, 'label' => $setting->label, 'value' => $said]];
        }
        if ($bare['before']->catalog->has($path) && $bare['before']->at($path)->written !== $bare['after']->at($path)->written) {
            return [
                'questions',
                [
                    'path' => $path,
                    'label' => $setting->label,
                    'before' => $setting->describe($bare['before']->at($path)->written),
                    'mine' => $said,
                    'theirs' => $setting->describe($bare['after']->at($path)->written),
                ],
            ];
        }

        return ['kept', $path];
    }

    private static function whyShifted(
        string $path,
        bool|float|string $value,
        string $to,
        ResolvedLook $after,
        ThemeChange $change,
        Theme $new,
    ): string {
        $at = $after->at($to);

        return match (true) {
            $at->layer->kind !== LayerKind::Look => isset($change->removed[$path])
                ? $change->removed[$path]
                : "$new->title $new->version does not know “{$at->setting->describe($value)}”; there it is "
                    ."{$at->setting->describe($at->value)}.",
            $at->chain !== [] => 'It is linked to “'.$after->catalog->get($at->chain[0])->label.'”, which comes out otherwise there.',
            Links::in($at->setting, $at->written) !== [] => 'A color it is linked to comes out otherwise there.',
            default => "It has an effect in $new->title $new->version.",
        };
    }

    /**
     * The own changes to make, the base included; what is not decided stays the merchant's.
     *
     * @param array<string, string> $decisions path of a question => mine or theirs
     *
     * @return array<string, bool|float|string|null> path => value; null leaves it to the theme
     */
    public function changes(array $decisions): array
    {
        $changes = $this->changes;
        foreach ($this->questions as $question) {
            if (($decisions[$question['path']] ?? 'mine') === 'theirs') {
                $changes[$question['path']] = null;
            }
        }
        ksort($changes, SORT_STRING);

        return $changes;
    }

    /** @return list<array{path: string, label: string, from: string, to: string}> */
    private static function moved(ResolvedLook $before, ResolvedLook $after, LookState $own): array
    {
        $moved = [];
        foreach ($after->all() as $path => $resolution) {
            if (
                ! array_key_exists($path, $own->own)
                && $before->catalog->has($path)
                && $before->at($path)->written !== $resolution->written
            ) {
                $moved[] = [
                    'path' => $path,
                    'label' => $resolution->setting->label,
                    'from' => $before->at($path)->setting->describe($before->at($path)->written),
                    'to' => $resolution->setting->describe($resolution->written),
                ];
            }
        }

        return $moved;
    }

    private static function resolve(StorefrontCatalog $catalogs, Theme $theme, string $starter, LookState $own, bool $withOwn): ResolvedLook
    {
        $layers = $theme->layers($theme->base($starter)->starter);
        $all = [...$layers, new Layer(LayerKind::Look, '', $own->own)];
        $catalog = $catalogs->of($theme, $all);

        return $withOwn
            ? DarkSchemes::resolve($catalog, $all, [], ColorInventory::in($theme, $all), true)
            : Resolver::resolve($catalog, $layers, true);
    }
}
