<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Database\Transaction;
use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Looks\ReleaseFiles;
use App\Models\Look;
use App\Models\Release;
use App\Models\Sheet;
use App\Models\Storefront;
use App\Pictures\ShopPicture;
use App\Storefront\DraftShop;
use Ikat\Core\Check\Checks;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\SettingType;
use Illuminate\Support\Facades\DB;

/**
 * Publishing is all or nothing: resolve, check, compile, write the files under content-hashed names, then switch one row.
 *
 * A file written and not yet referred to does no harm, so whatever stops a publish leaves the live shop as it was.
 */
final class PublishLook
{
    /** Years for which seasons that come back are laid out; publishing again begins anew. */
    private const YEARS_AHEAD = 20;

    /** @var list<array{name: string, css: string}> written for the release at hand */
    private array $sheets = [];

    public function __construct(
        private readonly LookReader $desk,
        private readonly Inspector $reach,
        private readonly ReleaseFiles $files,
        private readonly DraftShop $drafts,
    ) {}

    /**
     * @param ?string $reason the owner's, when findings stand in the way
     *
     * @throws FindingsInTheWay when something stops the publish and no reason is given
     */
    public function __invoke(Look $look, string $author, ?string $reason): Release
    {
        $look->loadMissing('storefront.store');
        $compiled = $this->desk->compile($look);
        $counts = Checks::count($this->reach->findings($look));
        $reason = $reason === null || trim($reason) === '' ? null : trim($reason);
        if ($counts['stop'] > 0 && $reason === null) {
            throw new FindingsInTheWay($counts['stop']);
        }
        $theme = $this->desk->theme($look);
        $themeCss = $this->desk->themes->stylesheetName($theme);
        $lookCss = LookReader::cssName($compiled);
        $this->sheets = [];
        $this->write($themeCss, $this->desk->themes->stylesheet($theme));
        $this->write($lookCss, $compiled->css);
        $timeline = $this->desk->calendar($look)->timeline(now()->toImmutable(), self::YEARS_AHEAD);
        $variants = $this->variants($look, $timeline);
        $row = [
            'look_id' => $look->id,
            'sequence' => $look->head,
            'theme' => $theme->name,
            'theme_version' => $theme->version,
            'starter' => $this->desk->base($look)->starter,
            'state' => $look->state,
            'resolved' => $this->desk->resolve($look)->values(),
            'theme_css' => $themeCss,
            'look_css' => $lookCss,
            'timeline' => $timeline,
            'variants' => array_map(static fn(array $v): array => ['values' => $v['values'], 'look_css' => $v['look_css']], $variants),
            'pictures' => $this->pictures([$this->desk->resolve($look), ...array_column($variants, 'look')]),
            'findings' => $counts,
            'reason' => $reason,
            'author' => $author,
        ];

        $sheets = $this->sheets;

        return Transaction::run(static function () use ($look, $author, $row, $sheets): Release {
            $storefront = Storefront::query()->lockForUpdate()->findOrFail($look->storefront_id);
            $release = Release::query()->create([
                'storefront_id' => $storefront->id,
                'number' => 1 + (int) Release::query()->where('storefront_id', $storefront->id)->max('number'),
                ...$row,
            ]);
            Sheet::query()->insertOrIgnore($sheets);
            self::switch($storefront, $release, $author);

            return $release;
        });
    }

    private function write(string $name, string $css): void
    {
        $this->files->write($name, $css);
        $this->sheets[] = ['name' => $name, 'css' => $css];
    }

    /** The one row that says what visitors see. */
    public static function switch(Storefront $storefront, Release $release, string $author): void
    {
        $storefront->update(['live_release_id' => $release->id]);
        DB::table('release_switches')->insert(['storefront_id' => $storefront->id, 'release_id' => $release->id, 'author' => $author, 'created_at' => now()]);
    }

    /**
     * What each set of seasons that will run changes, with its stylesheet written.
     *
     * @param list<array{int, string}> $timeline
     *
     * @return array<string, array{values: array<string, bool|float|string>, look_css: string, look: ResolvedLook}>
     */
    private function variants(Look $look, array $timeline): array
    {
        $base = $this->desk->resolve($look)->values();
        $variants = [];
        foreach ($timeline as [$from, $running]) {
            if ($running === '' || isset($variants[$running])) {
                continue;
            }
            $resolved = $this->desk->resolve($look, new \DateTimeImmutable("@$from"));
            $compiled = LookCompiler::compile($resolved, $this->desk->theme($look));
            $this->write(LookReader::cssName($compiled), $compiled->css);
            $variants[$running] = ['values' => array_diff_assoc($resolved->values(), $base), 'look_css' => LookReader::cssName($compiled), 'look' => $resolved];
        }

        return $variants;
    }

    /**
     * @param list<ResolvedLook> $looks
     *
     * @return array<string, array<string, mixed>> the pictures they show, by name
     */
    private function pictures(array $looks): array
    {
        $names = [];
        foreach ($looks as $look) {
            foreach ($look->all() as $resolution) {
                $setting = $resolution->setting;
                if ($setting->type === SettingType::Picture || $setting->type === SettingType::Picks && $setting->of === 'picture') {
                    $names = [...$names, ...explode(',', (string) $resolution->value)];
                }
            }
        }

        return array_map(static fn(ShopPicture $p): array => $p->toArray(), array_intersect_key($this->drafts->pictures(), array_flip($names)));
    }
}
