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
use App\Pictures\PictureShelf;
use App\Pictures\ShopPicture;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Look\ResolvedLook;
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
        private readonly LookReader $looks,
        private readonly Inspector $inspector,
        private readonly ReleaseFiles $files,
        private readonly PictureShelf $pictures,
    ) {}

    /**
     * @param ?string $reason the owner's, when findings stand in the way
     *
     * @throws FindingsInTheWay when something stops the publish and no reason is given
     */
    public function __invoke(Look $look, string $author, ?string $reason): Release
    {
        $look->loadMissing('storefront.store');
        $at = $this->looks->of($look);
        $counts = Checks::count($this->inspector->findings($look));
        $reason = $reason === null || trim($reason) === '' ? null : trim($reason);
        if ($counts['stop'] > 0 && $reason === null) {
            throw new FindingsInTheWay($counts['stop']);
        }
        $themeCss = $this->looks->themes->stylesheetName($at->bare);
        $lookCss = LookReader::cssName($at->compiled());
        $this->sheets = [];
        $this->write($themeCss, $this->looks->themes->stylesheet($at->bare));
        $this->write($lookCss, $at->compiled()->css);
        $foldedCss = $this->looks->themes->foldedName($at->bare);
        $this->write($foldedCss, $at->bare->foldedCss);
        $timeline = $at->calendar()->timeline(now()->toImmutable(), self::YEARS_AHEAD);
        $variants = $this->variants($at, $timeline);
        $row = [
            'look_id' => $look->id,
            'sequence' => $look->head,
            'theme' => $at->bare->name,
            'theme_version' => $at->bare->version,
            'starter' => $at->base->starter,
            'state' => $look->state,
            'resolved' => $at->resolved()->values(),
            'theme_css' => $themeCss,
            'look_css' => $lookCss,
            'folded_css' => $foldedCss,
            'timeline' => $timeline,
            'variants' => array_map(static fn(array $v): array => ['values' => $v['values'], 'look_css' => $v['look_css']], $variants),
            'pictures' => $this->pictures([$at->resolved(), ...array_column($variants, 'look')]),
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
        DB::table('release_switches')->insert([
            'storefront_id' => $storefront->id, 'release_id' => $release->id, 'author' => $author, 'created_at' => now(),
        ]);
    }

    /**
     * What each set of seasons that will run changes, with its stylesheet written.
     *
     * @param list<array{int, string}> $timeline
     *
     * @return array<string, array{values: array<string, bool|float|string>, look_css: string, look: ResolvedLook}>
     */
    private function variants(LookSnapshot $at, array $timeline): array
    {
        $base = $at->resolved()->values();
        $variants = [];
        foreach ($timeline as [$from, $running]) {
            if ($running === '' || isset($variants[$running])) {
                continue;
            }
            $moment = new \DateTimeImmutable("@$from");
            $resolved = $at->resolved($moment);
            $compiled = $at->compiled($moment);
            $this->write(LookReader::cssName($compiled), $compiled->css);
            $variants[$running] = [
                'values' => array_diff_assoc($resolved->values(), $base),
                'look_css' => LookReader::cssName($compiled),
                'look' => $resolved,
            ];
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
        $names = array_merge([], ...array_map(static fn(ResolvedLook $look): array => StoreContents::asked($look)['pictures'], $looks));

        return array_map(static fn(ShopPicture $p): array => $p->toArray(), $this->pictures->named($names));
    }
}
