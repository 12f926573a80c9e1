<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Look\Catalog\StorefrontCatalog;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\SettingCatalog;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\Wardrobe;
use Ikat\Core\Palette\Dusk;
use Ikat\Core\Season\SeasonCalendar;

/** Resolves and compiles a merchant's look: the one way from a stored look to what pages wear. */
final class LookDesk
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

    /** The look's theme, with the brand colors and schemes the look has. */
    public function theme(Look $look): Theme
    {
        return $this->dressed[$look->stamp()] ??= $this->themes->theme($look->base())->wearing($this->wardrobe($look));
    }

    public function wardrobe(Look $look): Wardrobe
    {
        return Wardrobe::in($this->themes->theme($look->base()), $this->layers($look, $look->ownChanges()));
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
        $wardrobe = Wardrobe::in($this->themes->theme($look->base()), [...$layers, new Layer(LayerKind::Look, '', array_filter($wanted, is_scalar(...)))]);

        return $this->themes->catalog($look->base(), ItemLists::in($lists, $layers)->and($lists, $wanted), $wardrobe);
    }

    /** The look as it is outside every season, or at a moment. */
    public function resolve(Look $look, ?\DateTimeImmutable $moment = null): ResolvedLook
    {
        $running = $moment === null ? '' : $this->calendar($look)->keyAt($moment);

        return $this->resolved[$look->stamp()." $running"] ??= $this->resolveState(
            $look,
            $look->ownChanges(),
            $running === '' || $moment === null ? [] : $this->calendar($look)->layersAt($moment),
        );
    }

    /**
     * The look as it would be with other own changes.
     *
     * @param list<Layer> $seasons
     */
    public function resolveState(Look $look, LookState $state, array $seasons = []): ResolvedLook
    {
        $layers = $this->layers($look, $state);
        $theme = $this->themes->theme($look->base($state));
        $wardrobe = Wardrobe::in($theme, $layers);
        $catalog = $this->themes->catalog($look->base($state), ItemLists::in(StorefrontCatalog::lists(), $layers), $wardrobe);

        return Dusk::resolve($catalog, $layers, $seasons, $wardrobe);
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
        $base = $look->base($state);

        return [...$this->themes->theme($base)->layers($base->starter), new Layer(LayerKind::Look, $look->name, $state->own)];
    }
}
