<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\CurrentStore;
use App\Models\Look;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\SettingType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;
use Illuminate\Support\Facades\Cache;

/**
 * What every look of the store says, leads to and shows: a look is gone through again only when something of it has changed.
 *
 * @phpstan-type Said array{path: string, label: string, part: string, value: string}
 */
final class EveryLook
{
    public const WORDS = 'words';
    public const TARGET = 'target';
    public const MENU = 'menu';
    public const PICTURE = 'picture';
    public const PICTURES = 'pictures';
    public const PRODUCTS = 'products';

    /** What is kept of a look: goes up when that becomes another. */
    private const FORM = 1;

    /** Kept no longer than this: a theme that ships anew may give a look other defaults. */
    private const SECONDS = 86_400;

    /** Kinds that are kept together: words are many, and seldom asked for with the rest. */
    private const TOGETHER = [[self::WORDS], [self::TARGET, self::MENU, self::PICTURE, self::PICTURES, self::PRODUCTS]];

    /** @var array<int, list<array{Look, array<string, list<Said>>}>> by what is kept together */
    private array $every = [];

    public function __construct(private readonly LookReader $looks, private readonly CurrentStore $store) {}

    /**
     * Settings of some kinds that are not empty.
     *
     * @param list<string> $kinds
     *
     * @return iterable<array{Look, Said, string}> look, setting and its kind
     */
    public function saying(array $kinds): iterable
    {
        foreach (self::TOGETHER as $group => $among) {
            $asked = array_intersect($kinds, $among);
            foreach ($asked === [] ? [] : $this->every[$group] ??= $this->read($group) as [$look, $said]) {
                foreach ($asked as $kind) {
                    foreach ($said[$kind] ?? [] as $each) {
                        yield [$look, $each, $kind];
                    }
                }
            }
        }
    }

    /** @return list<array{Look, array<string, list<Said>>}> */
    private function read(int $group): array
    {
        $key = sprintf('every-look %d %d %d', self::FORM, $group, $this->store->id());
        $kept = Cache::get($key, []);
        $now = [];
        $every = [];
        foreach (Look::query()->with('storefront.store')->orderBy('id')->get() as $look) {
            $content = hash('xxh128', implode("\n", [$look->theme, $look->version, $look->starter, json_encode($look->state)]));
            $now[$look->id] = ($kept[$look->id][0] ?? '') === $content
                ? $kept[$look->id]
                : [$content, $this->said($look, self::TOGETHER[$group])];
            $every[] = [$look, $now[$look->id][1]];
        }
        if ($now !== $kept) {
            Cache::put($key, $now, self::SECONDS);
        }

        return $every;
    }

    /**
     * @param list<string> $kinds
     *
     * @return array<string, list<Said>>
     */
    private function said(Look $look, array $kinds): array
    {
        $snapshot = $this->looks->of($look);
        $resolved = $snapshot->resolved();
        $said = [];
        foreach ($snapshot->catalog()->all() as $setting) {
            $kind = self::kind($setting->type);
            $value = ! in_array($kind, $kinds, true) ? '' : $resolved->text($setting->path);
            if ($value !== '') {
                $said[$kind][] = ['path' => $setting->path, 'label' => $setting->label, 'part' => $setting->part, 'value' => $value];
            }
        }

        return $said;
    }

    private static function kind(SettingType $type): ?string
    {
        return match (true) {
            $type instanceof TextType => self::WORDS,
            $type instanceof TargetType => $type->isWeb ? null : self::TARGET,
            $type instanceof MenuType => self::MENU,
            $type instanceof PictureType => self::PICTURE,
            $type instanceof PicksType => $type->kind === 'product' ? self::PRODUCTS : self::PICTURES,
            default => null,
        };
    }
}
