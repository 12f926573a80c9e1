<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Look\LookState;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;

/** Reads a stored look, as it is or as it would be with other own changes: the one way from a row to what pages wear. */
final class LookReader
{
    /** @var array<string, LookSnapshot> by look, name and own changes */
    private array $snapshots = [];

    public function __construct(
        public readonly ThemeShelf $themes,
        private readonly DraftFiles $drafts,
        private readonly StorefrontCatalog $catalogs,
    ) {}

    /** @param ?LookState $own other own changes than those that are stored */
    public function of(Look $look, ?LookState $own = null): LookSnapshot
    {
        $own ??= $look->ownChanges();

        return $this->snapshots["$look->id $look->name ".hash('xxh128', $own->bytes())] ??= $this->read($look, $own);
    }

    /**
     * The look with something tried on.
     *
     * @param array<string, bool|float|string|null> $changes path => value, null to leave it to the layers below
     */
    public function trying(Look $look, array $changes): LookSnapshot
    {
        return $this->of($look, LookState::of([...$look->ownChanges()->own, ...$changes]));
    }

    /**
     * The key a trial is found by: the same for the same content.
     *
     * @param array<string, bool|float|string|null> $changes path => value
     */
    public function trialKey(Look $look, array $changes): string
    {
        return LookSnapshot::keyOf(LookState::of([...$look->ownChanges()->own, ...$changes]));
    }

    /** Lays a look's stylesheet where its address will find it, and gives its name. */
    public function layOut(LookSnapshot $look, ?\DateTimeImmutable $moment = null): string
    {
        $name = self::cssName($look->compiled($moment));
        $this->drafts->put($name, $look->compiled($moment)->css);
        $this->drafts->put($this->themes->stylesheetName($look->bare), $this->themes->stylesheet($look->bare));
        $this->drafts->put($this->themes->foldedName($look->bare), $look->bare->foldedCss);

        return $name;
    }

    public static function cssName(CompiledLook $compiled): string
    {
        return "look-{$compiled->hash}.css";
    }

    /** Forgets what was read, after the store's own themes have changed. */
    public function forget(): void
    {
        $this->snapshots = [];
    }

    private function read(Look $look, LookState $own): LookSnapshot
    {
        $wanted = Base::in($own, $look->firstBase());
        $base = $this->themes->standing($wanted);

        return new LookSnapshot(
            $this->themes->theme($base),
            $base,
            $wanted,
            $own,
            $look->name,
            $look->storefront->store->zone(),
            $this->catalogs,
        );
    }
}
