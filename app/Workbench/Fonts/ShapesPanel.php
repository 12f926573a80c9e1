<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Models\Product;
use App\Pictures\ShopPicture;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Setting\Catalog\Shapes;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\LengthType;
use Ikat\Core\Type\Voice;

/** The shape of things: a button, a field, a picture and a label of this shop, changed by their corners, edges and insides. */
final class ShapesPanel extends SampledPanel
{
    /** What the parts of a shape are set by, in the order of the bench. */
    public const PATHS = [
        'shape.radius', 'shape.border', 'shape.inset.across', 'shape.inset.down', 'shape.button', 'checkout.field', 'shape.shadow',
        'shape.pointed', 'shape.underline', 'shape.motion',
    ];

    /** Px that a target must have (WCAG 2.2, 2.5.8), and that a finger wants (2.5.5). */
    private const TARGET = 24;
    private const FINGER = 44;

    /** Contrast of what tells a control apart (WCAG 2.2, 1.4.11). */
    private const EDGE = 3.0;

    public function view(): string
    {
        return 'workbench.fonts.shapes-panel';
    }

    public function sheet(): Sheet
    {
        return new Sheet(
            'workbench.fonts.shapes',
            'Shapes',
            'drag a corner, an edge or the inside; point at a button to see what it does',
            330,
            false,
        );
    }

    public function state(): array
    {
        return ['open_shapes' => 'yes'];
    }

    /** The first place of the shop that has a button. */
    public function shows(): ?WindowPlace
    {
        $places = $this->bench->places('shape.inset.across');
        $page = isset($places['home']) ? 'home' : array_key_first($places);

        return $page === null ? null : new WindowPlace($page, '', $places[$page][0], alike: array_keys($places));
    }

    /** A picture of the shop's goods; null while none has one. */
    public function picture(): ?ShopPicture
    {
        $name = Product::query()->whereNotNull('picture_id')->orderBy('position')->with('picture')->first()?->picture?->name;

        return $name === null ? null : $this->bench->picture($name);
    }

    /** The scheme of pages, which the pieces are drawn in. */
    public function scheme(): string
    {
        return $this->look()->text('page.scheme');
    }

    /** @return array<string, Setting> by path */
    public function settings(): array
    {
        return array_combine(self::PATHS, array_map($this->bench->setting(...), self::PATHS));
    }

    /**
     * What a length is moved by.
     *
     * @return array<string, string|float> attributes of its handle
     */
    public function handle(string $path): array
    {
        $setting = $this->bench->setting($path);
        assert($setting->type instanceof LengthType);

        return [
            'data-shape' => $path, 'data-live' => $setting->property(), 'data-step' => $setting->type->increment,
            'aria-label' => $setting->label, 'aria-valuemin' => $setting->type->min, 'aria-valuemax' => $setting->type->max,
            'aria-valuenow' => (float) $this->look()->value($path),
            'aria-valuetext' => Setting::plainNumber($this->look()->value($path)).' px',
        ];
    }

    /**
     * @param string $end phone or desktop
     *
     * @return float px
     */
    public function buttonHeight(string $end): float
    {
        $look = $this->look();
        $line = (float) $look->value(Voice::Button->path("size.$end")) * (float) $look->value(Voice::Button->path('leading'));

        // The stylesheet lets no button be lower than a target must be.
        return max((float) self::TARGET, $line + 2 * (float) $look->value('shape.inset.down'));
    }

    /** Contrast of a role on the ground of pages. */
    public function contrast(string $role): float
    {
        return $this->bench->inspection()->get(SchemeColors::class)->ratio(ColorSet::of($this->scheme()), $role, 'ground');
    }

    /** @return list<array{what: string, has: string, needs: string, holds: bool}> what somebody who cannot see or aim well needs of it */
    public function figures(): array
    {
        $found = [];
        foreach (['phone', 'desktop'] as $end) {
            $height = $this->buttonHeight($end);
            $found[] = [
                'what' => "a button on a $end",
                'has' => Setting::plainNumber(round($height, 1)).' px high',
                'needs' => $height >= self::FINGER
                    ? sprintf('%d needed, %d for a finger', self::TARGET, self::FINGER)
                    : sprintf('%d needed; a finger wants %d', self::TARGET, self::FINGER),
                'holds' => $height >= self::TARGET,
            ];
        }
        foreach (['field-line' => 'the edge of a field', 'focus' => 'the ring of the focus'] as $role => $what) {
            $ratio = $this->contrast($role);
            $found[] = [
                'what' => $what,
                'has' => sprintf('%s : 1', floor($ratio * 10) / 10),
                'needs' => sprintf('%s : 1 needed', self::EDGE),
                'holds' => $ratio >= self::EDGE,
            ];
        }

        return $found;
    }

    /**
     * A shape in the custom properties that the pieces are drawn with.
     *
     * @param array<string, float|string> $changes path => value
     *
     * @return array<string, string> property => CSS
     */
    private function worn(array $changes): array
    {
        $worn = [];
        foreach ($changes as $path => $value) {
            $setting = $this->bench->setting($path);
            $worn[$setting->property()] = LookCompiler::literal($setting, $value);
        }
        foreach (Shapes::pointed((string) $changes['shape.pointed']) as $what => $css) {
            $worn["--shape-pointed-$what"] = $css;
        }

        return $worn;
    }

    /**
     * @return array<string, array{title: string, words: string, changes: array<string, float|string>, worn: array<string, string>,
     *     isNow: bool}> key => shape
     */
    public function starters(): array
    {
        return array_map(fn(array $shape): array => [
            'title' => $shape[0],
            'words' => $shape[1],
            'changes' => $shape[2],
            'worn' => $this->worn($shape[2]),
            'isNow' => array_filter(
                $shape[2],
                fn(float|string $value, string $path): bool => $this->look()->value($path) !== $value,
                ARRAY_FILTER_USE_BOTH,
            ) === [],
        ], Shapes::ALL);
    }
}
