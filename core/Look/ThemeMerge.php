<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Look\Catalog\StorefrontCatalog;

/**
 * A theme's new version, the old one and the merchant's own changes, merged three ways.
 *
 * Untouched settings move with the theme, changed ones stay, renamed and retyped ones are carried; where merchant and
 * theme both changed a setting it is a question. What no longer exists stays in the look, without effect: nothing is lost.
 * Each own change falls into exactly one of kept, carried, retyped, removed and questions.
 */
final readonly class ThemeMerge
{
    /**
     * @param list<array{path: string, label: string, from: string, to: string}> $moved settings that are not the merchant's own
     * @param list<string> $kept
     * @param list<array{path: string, to: string, label: string, value: string}> $carried
     * @param list<array{path: string, label: string, was: string, becomes: string}> $retyped
     * @param list<array{path: string, label: string, value: string, why: string}> $removed
     * @param list<array{path: string, label: string, before: string, mine: string, theirs: string}> $questions
     * @param array<string, bool|float|string|null> $changes what the merge does to the own changes whatever is decided
     */
    private function __construct(
        public Base $base,
        public array $moved,
        public array $kept,
        public array $carried,
        public array $retyped,
        public array $removed,
        public array $questions,
        private array $changes,
    ) {}

    public static function of(Theme $old, Theme $new, string $starter, LookState $own): self
    {
        $before = self::resolve($old, $starter, $own);
        $after = self::resolve($new, $starter, $own);
        $change = $new->changes[$old->version] ?? new ThemeChange([], [], []);
        $kept = $carried = $retyped = $removed = $questions = $changes = [];
        foreach ($own->own as $path => $value) {
            if (in_array($path, Base::PATHS, true)) {
                continue;
            }
            $label = $before->catalog->has($path) ? $before->catalog->get($path)->label : $path;
            $say = $before->catalog->has($path) ? $before->catalog->get($path)->say($value) : (string) $value;
            $target = $change->renamed[$path] ?? null;
            $becomes = isset($change->retyped[$path]) ? $change->retype($path, $value) : null;
            if ($target !== null && ! array_key_exists($target, $own->own)) {
                $carried[] = ['path' => $path, 'to' => $target, 'label' => $after->catalog->get($target)->label, 'value' => $say];
                $changes[$path] = null;
                $changes[$target] = $value;
            } elseif ($becomes !== null) {
                $retyped[] = ['path' => $path, 'label' => $label, 'was' => $say, 'becomes' => $after->catalog->get($path)->say($becomes)];
                $changes[$path] = $becomes;
            } elseif (isset($change->retyped[$path]) || ($before->catalog->has($path) && ! $after->catalog->has($path))) {
                $removed[] = ['path' => $path, 'label' => $label, 'value' => $say, 'why' => $change->removed[$path] ?? "$new->title $new->version has nothing like it."];
            } elseif ($before->catalog->has($path) && $before->at($path)->written !== $after->at($path)->written) {
                $setting = $after->catalog->get($path);
                $questions[] = ['path' => $path, 'label' => $setting->label, 'before' => $setting->say($before->at($path)->written), 'mine' => $say, 'theirs' => $setting->say($after->at($path)->written)];
            } else {
                $kept[] = $path;
            }
        }

        return new self($new->base($starter), self::moved($before, $after, $own), $kept, $carried, $retyped, $removed, $questions, $changes);
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
            if (! array_key_exists($path, $own->own) && $before->catalog->has($path) && $before->at($path)->written !== $resolution->written) {
                $moved[] = ['path' => $path, 'label' => $resolution->setting->label, 'from' => $before->at($path)->setting->say($before->at($path)->written), 'to' => $resolution->setting->say($resolution->written)];
            }
        }

        return $moved;
    }

    /** @param LookState $lists whose lists say which items there are */
    private static function resolve(Theme $theme, string $starter, LookState $lists): ResolvedLook
    {
        $layers = $theme->layers($theme->base($starter)->starter);
        $all = [...$layers, new Layer(LayerKind::Look, '', $lists->own)];
        $catalog = StorefrontCatalog::for($theme, ItemLists::in(StorefrontCatalog::lists(), $all), Wardrobe::in($theme, $all));

        return Resolver::resolve($catalog, $layers);
    }
}
