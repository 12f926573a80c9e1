<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Models\BroughtTheme;
use App\Models\Look;
use App\Models\OwnFont;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontLicense;
use Ikat\Core\Type\FontSet;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\Voice;

/** The fonts a store brought, beside the shelf. Read once in a request. */
final class OwnFonts
{
    private ?FontSet $set = null;

    /** @param string $address that their files are under */
    public function __construct(private readonly string $address) {}

    public function set(): FontSet
    {
        return $this->set ??= new FontSet(
            OwnFont::query()->orderBy('id')->get()->keyBy('key')->map($this->family(...))->all(),
        );
    }

    /** Forgets what was read, after a font has come or gone. */
    public function forget(): void
    {
        $this->set = null;
    }

    /**
     * A family that pages speak in, also one that was removed since; the shelf is asked first, which no query is needed for.
     *
     * @param string $key of something published or kept
     */
    public function named(string $key): FontFamily
    {
        if (isset(FontShelf::all()[$key])) {
            return FontShelf::get($key);
        }
        $font = OwnFont::withTrashed()->where('key', $key)->first();

        return $font === null ? FontShelf::get(array_key_first(FontShelf::all()) ?? '') : $this->family($font);
    }

    /**
     * The store's fonts, each with what speaks in it: voices of the look that is worked on, other looks, themes that brought it, what is
     * live.
     *
     * @return list<array{font: OwnFont, license: FontLicense, uses: list<string>}>
     */
    public function withUses(Look $look, ResolvedLook $resolved): array
    {
        if ($this->set()->own === []) {
            return [];
        }
        $fonts = OwnFont::query()->orderBy('id')->get();
        $others = Look::query()->whereKeyNot($look->id)->get(['id', 'name', 'state', 'storefront_id']);
        $themes = BroughtTheme::query()->where('tokens', 'like', '%"own-%')->get(['name', 'version', 'tokens']);
        $live = $look->storefront->liveRelease->resolved ?? [];
        $found = [];
        foreach ($fonts as $font) {
            $uses = [];
            foreach (Voice::cases() as $voice) {
                if ($resolved->text($voice->path('family')) === $font->key) {
                    $uses[] = $voice->label();
                }
            }
            foreach ($others as $other) {
                if (in_array($font->key, $other->ownChanges()->own, true)) {
                    $uses[] = "the look “{$other->name}”";
                }
            }
            foreach ($themes as $theme) {
                if (str_contains($theme->tokens, "\"$font->key\"")) {
                    $uses[] = 'the theme '.substr($theme->name, strlen('own-'))." $theme->version";
                }
            }
            if (in_array($font->key, $live, true)) {
                $uses[] = 'what is live';
            }
            $found[] = ['font' => $font, 'license' => new FontLicense($font->license_bits), 'uses' => $uses];
        }

        return $found;
    }

    private function family(OwnFont $font): FontFamily
    {
        $measures = $font->measures;

        return new FontFamily(
            $font->key,
            $font->name,
            "$font->name, your own",
            $font->kind,
            $measures['metrics'][0],
            $measures['metrics'][1],
            $measures['metrics'][2],
            $measures['metrics'][3],
            $measures['widths'],
            [],
            $measures['letters'],
            $measures['bytes'],
            "$this->address/$font->store_id",
            $font->is_whole,
            $measures['systems'] ?? null,
        );
    }
}
