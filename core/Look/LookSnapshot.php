<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Palette\DarkSchemes;
use Ikat\Core\Season\SeasonCalendar;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\SettingCatalog;

/**
 * A look as it is at one point, or as it would be with something tried on. It never changes; what it comes to is computed when
 * it is first asked for, and once.
 */
final class LookSnapshot
{
    private ?Theme $dressed = null;
    private ?ColorInventory $inventory = null;
    private ?SeasonCalendar $calendar = null;

    /** @var array<string, ResolvedLook> by running seasons */
    private array $resolved = [];

    /** @var array<string, CompiledLook> by running seasons */
    private array $compiled = [];

    /**
     * @param Theme $bare as it came, without the merchant's own brand colors and schemes
     * @param Base $base what the look stands on
     * @param Base $wanted what its state names; another than it stands on where that is gone
     * @param LookState $own the merchant's own changes
     * @param string $name of the look
     * @param \DateTimeZone $zone of the store
     */
    public function __construct(
        public readonly Theme $bare,
        public readonly Base $base,
        public readonly Base $wanted,
        public readonly LookState $own,
        public readonly string $name,
        public readonly \DateTimeZone $zone,
        private readonly StorefrontCatalog $catalogs,
    ) {}

    /** The same on the same base with other own changes. */
    public function with(LookState $own): self
    {
        return new self($this->bare, $this->base, $this->wanted, $own, $this->name, $this->zone, $this->catalogs);
    }

    /** The same for the same content: what a trial is found by. */
    public function key(): string
    {
        return self::keyOf($this->own);
    }

    public static function keyOf(LookState $own): string
    {
        return substr(hash('xxh128', $own->bytes()), 0, 16);
    }

    /** The theme, with the brand colors and schemes the look has. */
    public function theme(): Theme
    {
        return $this->dressed ??= $this->bare->wearing($this->inventory());
    }

    public function inventory(): ColorInventory
    {
        return $this->inventory ??= ColorInventory::in($this->bare, $this->layers());
    }

    public function catalog(): SettingCatalog
    {
        return $this->resolved()->catalog;
    }

    /**
     * A catalog that also knows the items an edit would bring in.
     *
     * @param array<string, mixed> $wanted path => value
     */
    public function catalogWith(array $wanted): SettingCatalog
    {
        return $this->catalogs->of(
            $this->bare,
            [...$this->layers(), new Layer(LayerKind::Look, '', array_filter($wanted, is_scalar(...)))],
            $wanted,
        );
    }

    /** Outside every season, or at a moment. Links that go in a circle are cut: what was stored is shown. */
    public function resolved(?\DateTimeImmutable $moment = null): ResolvedLook
    {
        return $this->resolved[$this->running($moment)] ??= $this->resolve(
            $moment === null ? [] : $this->calendar()->layersAt($moment),
            true,
        );
    }

    /**
     * What is to be stored must resolve without cutting.
     *
     * @throws AliasCycle
     */
    public function refuseCircles(): void
    {
        $this->resolved[''] = $this->resolve([], false);
    }

    public function compiled(?\DateTimeImmutable $moment = null): CompiledLook
    {
        return $this->compiled[$this->running($moment)] ??= LookCompiler::compile($this->resolved($moment), $this->theme());
    }

    public function calendar(): SeasonCalendar
    {
        return $this->calendar ??= SeasonCalendar::of($this->resolved(), $this->zone);
    }

    /** What of its state cannot be shown any more, and a way on; null when all is there. */
    public function missing(): ?string
    {
        if ($this->base != $this->wanted) {
            $theme = str_starts_with($this->wanted->theme, 'own-')
                ? str_replace('-', ' ', substr($this->wanted->theme, 4))
                : $this->wanted->theme;

            return "This look stands on the theme “{$theme}” {$this->wanted->version} ({$this->wanted->starter}), which is no longer on "
                ."the shelf. Until you decide, it is shown on {$this->bare->title} {$this->bare->version}; none of your changes is lost. "
                    .'Bring the theme in again, undo further, or take another theme in Start.';
        }
        $resolved = $this->resolved();
        if ($resolved->cut !== []) {
            $labels = implode(
                ', ',
                array_map(static fn(string $path): string => '“'.$resolved->catalog->get($path)->label.'”', array_unique($resolved->cut)),
            );

            return "Some settings are linked to each other in a circle: $labels. Each is shown as it comes from the theme; give one of "
                .'them a value of its own.';
        }

        return null;
    }

    private function running(?\DateTimeImmutable $moment): string
    {
        return $moment === null ? '' : $this->calendar()->keyAt($moment);
    }

    /**
     * @param list<Layer> $seasons
     *
     * @throws AliasCycle
     */
    private function resolve(array $seasons, bool $cutsCircles): ResolvedLook
    {
        $layers = $this->layers();

        return DarkSchemes::resolve($this->catalogs->of($this->bare, $layers), $layers, $seasons, $this->inventory(), $cutsCircles);
    }

    /** @return list<Layer> */
    private function layers(): array
    {
        return [...$this->bare->layers($this->base->starter), new Layer(LayerKind::Look, $this->name, $this->own->own)];
    }
}
