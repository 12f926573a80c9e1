<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Look\AliasCycle;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Palette\DarkSchemes;
use Ikat\Core\Season\SeasonCalendar;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\SettingCatalog;

/** Resolves and compiles a merchant's look: the one way from a stored look to what pages wear. */
final class LookReader
{
    /** @var array<string, ResolvedLook> by look id, head and running seasons */
    private array $resolved = [];

    /** @var array<string, CompiledLook> by look id, head and running seasons */
    private array $compiled = [];

    /** @var array<string, Theme> by look id and head */
    private array $dressed = [];

    /** @var array<string, SeasonCalendar> by look id and head */
    private array $calendars = [];

    public function __construct(public readonly ThemeShelf $themes, private readonly DraftFiles $drafts) {}

    /** What the look stands on, or is shown on where that is gone. */
    public function base(Look $look, ?LookState $state = null): Base
    {
        return $this->themes->standing($look->base($state));
    }

    /** What of a look's state cannot be shown any more, and a way on; null when all is there. */
    public function missing(Look $look): ?string
    {
        $base = $this->base($look);
        if ($base != $look->base()) {
            $theme = $this->themes->theme($base);

            return MissingTheme::inWords($look->base(), "$theme->title $theme->version");
        }
        $resolved = $this->resolve($look);
        if ($resolved->cut !== []) {
            $labels = implode(', ', array_map(static fn(string $path): string => '“'.$resolved->catalog->get($path)->label.'”', array_unique($resolved->cut)));

            return "Some settings are linked to each other in a circle: $labels. Each is shown as it comes from the theme; give one of them a value of its own.";
        }

        return null;
    }

    /** The look's theme, with the brand colors and schemes the look has. */
    public function theme(Look $look): Theme
    {
        return $this->dressed[$look->stamp()] ??= $this->themes->theme($this->base($look))->wearing($this->wardrobe($look));
    }

    public function wardrobe(Look $look): ColorInventory
    {
        return ColorInventory::in($this->themes->theme($this->base($look)), $this->layers($look, $look->ownChanges()));
    }

    public function catalog(Look $look): SettingCatalog
    {
        return $this->resolve($look)->catalog;
    }

    /**
     * A catalog that also knows the items an edit would bring in.
     *
     * @param array<string, mixed> $wanted path => value
     */
    public function catalogFor(Look $look, array $wanted): SettingCatalog
    {
        $lists = StorefrontCatalog::lists();
        $layers = $this->layers($look, $look->ownChanges());
        $wardrobe = ColorInventory::in($this->themes->theme($this->base($look)), [...$layers, new Layer(LayerKind::Look, '', array_filter($wanted, is_scalar(...)))]);

        return $this->themes->catalog($this->base($look), ItemLists::in($lists, $layers)->and($lists, $wanted), $wardrobe);
    }

    /** The look as it is outside every season, or at a moment. */
    public function resolve(Look $look, ?\DateTimeImmutable $moment = null): ResolvedLook
    {
        $running = $moment === null ? '' : $this->calendar($look)->keyAt($moment);

        return $this->resolved[$look->stamp()." $running"] ??= $this->resolveState(
            $look,
            $look->ownChanges(),
            $running === '' || $moment === null ? [] : $this->calendar($look)->layersAt($moment),
            true,
        );
    }

    /**
     * The look as it would be with other own changes.
     *
     * @param list<Layer> $seasons
     * @param bool $cutsCircles as Resolver takes it: what was stored is shown, what is to be stored is refused
     *
     * @throws AliasCycle
     */
    public function resolveState(Look $look, LookState $state, array $seasons = [], bool $cutsCircles = false): ResolvedLook
    {
        $layers = $this->layers($look, $state);
        $base = $this->base($look, $state);
        $wardrobe = ColorInventory::in($this->themes->theme($base), $layers);
        $catalog = $this->themes->catalog($base, ItemLists::in(StorefrontCatalog::lists(), $layers), $wardrobe);

        return DarkSchemes::resolve($catalog, $layers, $seasons, $wardrobe, $cutsCircles);
    }

    public function compile(Look $look, ?\DateTimeImmutable $moment = null): CompiledLook
    {
        $running = $moment === null ? '' : $this->calendar($look)->keyAt($moment);

        return $this->compiled[$look->stamp()." $running"] ??= LookCompiler::compile($this->resolve($look, $moment), $this->theme($look));
    }

    public function calendar(Look $look): SeasonCalendar
    {
        return $this->calendars[$look->stamp()] ??= SeasonCalendar::of($this->resolve($look), $this->zone($look));
    }

    /** The time zone of the look's store. */
    public function zone(Look $look): \DateTimeZone
    {
        return $look->storefront->store->zone();
    }

    /** Lays the look's stylesheet where its address will find it, and gives its name. */
    public function layOut(Look $look, ?\DateTimeImmutable $moment = null): string
    {
        $compiled = $this->compile($look, $moment);
        $name = self::cssName($compiled);
        $this->drafts->put($name, $compiled->css);
        $theme = $this->theme($look);
        $this->drafts->put($this->themes->stylesheetName($theme), $this->themes->stylesheet($theme));

        return $name;
    }

    public static function cssName(CompiledLook $compiled): string
    {
        return "look-{$compiled->hash}.css";
    }

    /** @return list<Layer> */
    private function layers(Look $look, LookState $state): array
    {
        $base = $this->base($look, $state);

        return [...$this->themes->theme($base)->layers($base->starter), new Layer(LayerKind::Look, $look->name, $state->own)];
    }
}
