<?php

declare(strict_types=1);

namespace App\Workbench\Start;

use App\Http\TypedRequest;
use App\Inspection\LogoInspector;
use App\Inspection\LogoProposals;
use App\Looks\Bases;
use App\Models\Look;
use App\Models\Picture;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\BaseSwitch;
use Ikat\Core\Look\Starter;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\ThemeMerge;
use Ikat\Core\Palette\PaletteProposal;
use Illuminate\Support\Collection;

/** Themes and starters to try on and take, an upgrade where there is one, and the looks of the storefront. */
final class StartPanel extends ControlsPanel
{
    protected const ASKED = ['theme', 'starter', 'begin', 'kind', 'looks'];

    /** What a shop sells: key => [in words, the themes that suit it, the best first] */
    public const KINDS = [
        'made' => ['things made by hand', ['millrace', 'belfry', 'towpath']],
        'few' => ['few, fine things', ['belfry', 'millrace', 'towpath']],
        'many' => ['many goods for everyday', ['towpath', 'millrace', 'belfry']],
    ];

    /** Whole shops that are proposed from a logo. */
    private const BEGINNINGS = 3;

    /** Looks that are listed at once, the latest first. */
    private const LOOKS = 20;

    public function __construct(
        Bench $bench,
        TypedRequest $request,
        public readonly Bases $bases,
        private readonly LogoInspector $logos,
        private readonly LogoProposals $proposals,
        private readonly PackageWriter $packages,
    ) {
        parent::__construct($bench, $request);
    }

    public function view(): string
    {
        return 'workbench.start.panel';
    }

    public function sheet(): Sheet
    {
        return new Sheet(
            'workbench.start.themes',
            'Themes on your own goods',
            'point at a starter to try it on, click to look closer',
            268,
            false,
        );
    }

    /** @return array{along: list<string>, left: list<string>} the store's own fonts that go along with an exported theme, and that stay */
    public function ownFonts(): array
    {
        return $this->packages->fontsOf($this->bench->look);
    }

    /** The base somebody looks at more closely before taking it. */
    public function askedBase(): ?Base
    {
        return $this->isOpenedWith('theme') ? $this->bases->named($this->asked('theme'), $this->asked('starter')) : null;
    }

    public function switchTo(Base $base): BaseSwitch
    {
        return $this->bases->switchTo($this->bench->look, $base);
    }

    public function upgrade(): ?ThemeMerge
    {
        return $this->bases->upgrade($this->bench->look);
    }

    /** Whether somebody is only beginning: nothing was changed yet, or it was asked for. */
    public function isBeginning(): bool
    {
        return $this->bench->look->head === 0 || $this->asked('begin') !== '';
    }

    public function kind(): string
    {
        return isset(self::KINDS[$this->asked('kind')]) ? $this->asked('kind') : 'made';
    }

    public function logo(): ?Picture
    {
        return $this->logos->picture($this->bench->snapshot->resolved());
    }

    /**
     * @return list<array{Theme, PaletteProposal, array<string, ?string>}> themes that suit the kind of shop, in the logo's colors, and what
     *     taking one changes
     */
    public function beginnings(Picture $logo): array
    {
        $suiting = array_flip(self::KINDS[$this->kind()][1]);
        $themes = $this->bases->themes();
        usort($themes, static fn(Theme $a, Theme $b): int => ($suiting[$a->name] ?? 9) <=> ($suiting[$b->name] ?? 9));
        $inks = array_column($this->logos->facts($logo)->inks, 'hex');
        $found = [];
        foreach (array_slice($themes, 0, self::BEGINNINGS) as $theme) {
            $made = $this->proposals->proposals($this->bench->look, $inks, $theme->base())[0] ?? null;
            if ($made !== null) {
                $found[] = [$theme, $made, [...$theme->base()->values(), ...LogoProposals::changes($this->bench->look, $made)]];
            }
        }

        return $found;
    }

    /** Key under which a theme and starter can be tried on in the shop window. */
    public function trial(Theme $theme, ?Starter $starter = null): string
    {
        return $this->bench->trial($theme->base($starter?->name)->values());
    }

    /** @return Collection<int, Look> of the storefront, the one in hand first, found by name */
    public function looks(): Collection
    {
        $asked = $this->asked('looks');

        return Look::query()->where('storefront_id', $this->bench->look->storefront_id)
            ->when($asked !== '', static fn($q) => $q->where('name', 'like', '%'.addcslashes($asked, '\\%_').'%'))
            ->orderByRaw('id = ? desc', [$this->bench->look->id])
            ->orderByRaw('put_away_at is not null')
            ->orderByDesc('updated_at')
            ->orderBy('id')
            ->limit(self::LOOKS)->get(['id', 'store_id', 'storefront_id', 'name', 'head', 'put_away_at', 'updated_at']);
    }

    /** How many looks the storefront has in all. */
    public function lookCount(): int
    {
        return Look::query()->where('storefront_id', $this->bench->look->storefront_id)->count();
    }
}
