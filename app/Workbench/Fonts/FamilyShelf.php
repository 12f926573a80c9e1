<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Fonts\FamilyHistory;
use App\Http\TypedRequest;
use App\Models\Look;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontKind;
use Ikat\Core\Type\FontLikeness;
use Ikat\Core\Type\FontSet;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\Voice;

/** The families a voice might be set in, the most alike to its own first, narrowed by what is asked of them. */
final class FamilyShelf
{
    /** Families listed at once, until all are asked for. */
    private const LISTED = 8;

    /** Letters by which writing systems are told apart. */
    public const SIGNS = ['Greek' => 'Ωω', 'Cyrillic' => 'Жж', 'Vietnamese' => 'Ơơ'];

    /** The least weight that is called bold, 100..900. */
    private const BOLD = 700;

    /** Kilobytes of Latin letters that families may be kept under. */
    private const KILOBYTES = ['under30' => 30, 'under40' => 40, 'under50' => 50];

    public readonly bool $listsAll;

    /** @var array<string, string> filter => what is asked for; empty for anything */
    private readonly array $asked;

    /** @var ?list<string> */
    private ?array $marked = null;

    /** @var ?list<string> */
    private ?array $recent = null;

    public function __construct(
        private readonly Voice $voice,
        private readonly SpokenFace $face,
        public readonly FontSet $fonts,
        private readonly FamilyHistory $history,
        private readonly Look $look,
        TypedRequest $request,
    ) {
        $this->listsAll = $request->word('open_all') !== '';
        $asked = [];
        foreach (self::options() as $filter => ['options' => $options]) {
            $value = $request->word("open_$filter");
            $asked[$filter] = isset($options[$value]) ? $value : '';
        }
        $this->asked = $asked;
    }

    /**
     * What families can be narrowed by.
     *
     * @return array<string, array{label: string, words: string, options: array<string, string>}> the first option of each is anything
     */
    private static function options(): array
    {
        $kinds = array_column(FontKind::cases(), 'value', 'value');
        $systems = array_combine(array_keys(self::SIGNS), array_keys(self::SIGNS));
        $sizes = array_map(static fn(int $most): string => "under $most kB", self::KILOBYTES);

        return [
            'listed' => [
                'label' => 'Families listed', 'words' => 'Of',
                'options' => ['' => 'all', 'recent' => 'chosen lately', 'marked' => 'marked'],
            ],
            'kind' => ['label' => 'Kind of family', 'words' => 'Kind', 'options' => ['' => 'all', ...$kinds]],
            'weights' => [
                'label' => 'Weights', 'words' => 'Has',
                'options' => ['' => 'any weights', 'several' => 'several', 'bold' => 'a bold one', 'italic' => 'an italic'],
            ],
            'system' => ['label' => 'Writing system', 'words' => 'With', 'options' => ['' => 'Latin', ...$systems]],
            'size' => ['label' => 'Kilobytes', 'words' => 'Size', 'options' => ['' => 'any', ...$sizes]],
        ];
    }

    /** @return array<string, array{label: string, words: string, options: array<string, string>, now: string}> */
    public function filters(): array
    {
        $filters = [];
        foreach (self::options() as $key => $filter) {
            $filters[$key] = [...$filter, 'now' => $this->asked[$key]];
        }
        $filters['listed']['options'][''] .= ' '.count($this->fonts->all());

        return $filters;
    }

    /** @return array<string, string> what of it an address carries */
    public function state(): array
    {
        $state = ['open_all' => $this->listsAll ? 'yes' : ''];
        foreach ($this->asked as $filter => $value) {
            $state["open_$filter"] = $value;
        }

        return $state;
    }

    /** @return array<string, array{family: FontFamily, weight: int, share: ?int}> by key, the most alike first */
    public function families(): array
    {
        $found = [];
        $own = array_map(
            fn(FontFamily $f): array => ['weight' => $f->nearestWeight($this->face->weight), 'share' => null],
            array_diff_key($this->fonts->own, [$this->face->family->key => true]),
        );
        $alike = FontLikeness::to($this->face->family, $this->face->weight);
        // The store's own stand before the shelf, after what is in use.
        foreach ([...array_slice($alike, 0, 1), ...$own, ...$alike] as $key => $each) {
            $family = $this->fonts->get($key);
            if ($this->fits($family)) {
                $found[$key] = ['family' => $family, ...$each];
            }
        }

        return $this->listsAll ? $found : array_slice($found, 0, self::LISTED);
    }

    /** How many families there are of that kind. */
    public function fitting(): int
    {
        return count(array_filter($this->fonts->all(), $this->fits(...)));
    }

    /** Why none is listed, and what to do. */
    public function emptyWords(): string
    {
        return match ($this->asked['listed']) {
            'recent' => 'No family was chosen in the last edits of this look, or none that has all of that.',
            'marked' => 'No family is marked, or none that has all of that. Press the mark beside one to find it here again.',
            default => 'No family has all of that. Ask for less.',
        };
    }

    public function isMarked(string $key): bool
    {
        $this->marked ??= $this->history->marked();

        return in_array($key, $this->marked, true);
    }

    /**
     * What choosing a family for the voice changes: its weight too, where the family has it not.
     *
     * @return array<string, string|float>
     */
    public function choosing(FontFamily $family, int $weight): array
    {
        return [$this->voice->path('family') => $family->key, $this->voice->path('weight') => (float) $weight];
    }

    private function fits(FontFamily $family): bool
    {
        return match ($this->asked['listed']) {
            'recent' => $this->wasChosen($family->key),
            'marked' => $this->isMarked($family->key),
            default => true,
        } && match ($this->asked['weights']) {
            'several' => $family->hasWeights(),
            'bold' => $family->heaviest >= self::BOLD,
            'italic' => $family->hasItalic(),
            default => true,
        }
        && ($this->asked['kind'] === '' || $family->kind->value === $this->asked['kind'])
        && ($this->asked['system'] === '' || in_array($this->asked['system'], $family->systems(), true))
        && ($family->bytes['latin'] ?? 0) < 1000 * (self::KILOBYTES[$this->asked['size']] ?? INF);
    }

    private function wasChosen(string $key): bool
    {
        $this->recent ??= $this->history->recent($this->look);

        return in_array($key, $this->recent, true);
    }
}
