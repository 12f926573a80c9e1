<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Setting\UnknownSetting;

/** Every setting's value and why. */
final readonly class ResolvedLook
{
    /** @var array<string, list<string>> path => every path that follows it */
    private array $followers;

    /**
     * @param array<string, Resolution> $resolutions by path, in catalog order
     * @param list<string> $cut settings whose links went in a circle and were cut
     */
    public function __construct(public SettingCatalog $catalog, private array $resolutions, public array $cut = [])
    {
        $followers = [];
        foreach ($resolutions as $path => $resolution) {
            foreach ($resolution->chain as $followed) {
                $followers[$followed][] = $path;
            }
        }
        $this->followers = $followers;
    }

    /** @throws UnknownSetting */
    public function at(string $path): Resolution
    {
        return $this->resolutions[$path] ?? throw UnknownSetting::at($path);
    }

    /** @throws UnknownSetting */
    public function value(string $path): bool|float|string
    {
        return $this->at($path)->value;
    }

    /** @throws UnknownSetting */
    public function text(string $path): string
    {
        return (string) $this->at($path)->value;
    }

    /** @return array<string, Resolution> */
    public function all(): array
    {
        return $this->resolutions;
    }

    /** @return array<string, bool|float|string> */
    public function values(): array
    {
        return array_map(static fn(Resolution $r): bool|float|string => $r->value, $this->resolutions);
    }

    /**
     * What differs from the values of a release. What the rule makes of colors for dark surroundings is no change of the merchant's.
     *
     * @param array<string, bool|float|int|string> $live by path
     *
     * @return array<string, Resolution> by path
     */
    public function changedSince(array $live): array
    {
        return array_filter(
            $this->resolutions,
            static fn(Resolution $r): bool => $r->layer->kind !== LayerKind::Rule
                && LookState::canonical($live[$r->setting->path] ?? null) !== $r->value,
        );
    }

    /** Why a setting has its value, in one sentence. */
    public function why(string $path): string
    {
        $r = $this->at($path);
        $chain = array_map(fn(string $p): string => '“'.$this->catalog->get($p)->label.'”', $r->chain);
        $sentence = $r->layer->kind->inWords($r->layer->name);
        if ($chain !== []) {
            $sentence .= ': it follows '.implode(', which follows ', $chain);
        }
        if ($r->unmet !== null) {
            $sentence .= '. It takes effect when '.$r->unmet->inWords($this->catalog);
        }

        return ucfirst($sentence).'.';
    }

    /** @return list<string> every path that follows this one, directly or through others, in catalog order */
    public function followersOf(string $path): array
    {
        return $this->followers[$path] ?? [];
    }
}
