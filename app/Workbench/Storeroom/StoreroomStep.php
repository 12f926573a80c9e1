<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Looks\EveryLook;
use App\Storeroom\PictureUses;
use App\Storeroom\RecordLister;
use App\Storeroom\StoreNames;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\BringsFinds;
use App\Workbench\Shell\StandsApart;
use App\Workbench\Shell\Step;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\StoreFinding;
use Ikat\Core\Find\Entry;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Support\Facades\Route;

/** The back office: what the store sells and says, as tables. */
final class StoreroomStep implements Step, StandsApart, BringsFinds
{
    public function __construct(
        private readonly RecordLister $lister,
        private readonly StoreNames $names,
        private readonly EveryLook $looks,
        private readonly PictureUses $uses,
    ) {}

    public function key(): string
    {
        return 'storeroom';
    }

    public function label(): string
    {
        return 'Storeroom';
    }

    public function keywords(): string
    {
        return 'goods products prices stock categories menus pages promotion codes coupons delivery shipping back office';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new StoreroomPanel($bench, $request, $this->lister, $this->names, new FieldOffers($bench->store), $this->looks, $this->uses);
    }

    public function addressOf(Setting $setting, Bench $bench): string
    {
        return $this->key();
    }

    public function addressOfFinding(Finding $finding, Bench $bench): string
    {
        return $finding instanceof StoreFinding ? $this->key().'?'.http_build_query($finding->opens) : $this->key();
    }

    /** Tables by their names, and records by theirs. */
    public function finds(string $asked, Bench $bench): array
    {
        $entries = [];
        foreach (RecordKinds::all($bench->look->storefront->store->zone()) as $kind) {
            if ($kind->isPrivate && ! $bench->user->role->readsLetters()) {
                continue;
            }
            $table = ucfirst($kind->key);
            $address = $bench->address("storeroom?open_kind=$kind->key");
            $entries[] = new Entry('table', $table, $address, "$kind->many $kind->one table storeroom list edit", 'in the Storeroom');
            if (mb_strlen($asked) < self::LEAST) {
                continue;
            }
            foreach ($this->lister->called($kind, $asked, self::OFFERED) as $id => $name) {
                $entries[] = new Entry($kind->one, $name, "$address&open_record=$id", $asked, "in the Storeroom, $table");
            }
        }

        return $entries;
    }

    /** Characters somebody must have typed before records are looked for, and records of a kind that are offered. */
    private const LEAST = 3;
    private const OFFERED = 3;

    public static function routes(): void
    {
        Route::middleware('can:edit')->prefix('storeroom')->group(static function (): void {
            Route::post('cells', [StoreroomController::class, 'cells']);
            Route::post('say', [SayController::class, 'say']);
            Route::get('over', [OverController::class, 'show']);
            Route::get('progress', [StoreroomController::class, 'progress']);
            Route::get('names', [StoreroomController::class, 'names']);
            Route::post('ways', [StoreroomController::class, 'ways']);
            Route::post('many', [StoreroomController::class, 'many']);
            Route::post('new', [StoreroomController::class, 'add']);
            Route::post('delete', [StoreroomController::class, 'delete']);
            Route::post('move', [StoreroomController::class, 'move']);
            Route::post('undo', [StoreroomController::class, 'undo']);
            Route::post('redo', [StoreroomController::class, 'redo']);
            Route::post('files', [StoreFileController::class, 'begin']);
            foreach (['shape', 'column', 'take', 'drop'] as $act) {
                Route::post("files/{file}/$act", [StoreFileController::class, $act]);
            }
            Route::post('files/{file}/off', [StoreFileController::class, 'callOff']);
            Route::post('documents', [DocumentController::class, 'add']);
            Route::post('documents/{record}/file', [DocumentController::class, 'replace']);
            Route::post('films', [StoreroomController::class, 'film']);
            Route::post('pictures', [StoreroomPictureController::class, 'add']);
            Route::post('pictures/names', [StoreroomPictureController::class, 'names']);
            Route::post('pictures/{record}/file', [StoreroomPictureController::class, 'replace']);
            Route::post('pictures/{record}/crop', [StoreroomPictureController::class, 'crop']);
            Route::get('pictures/{record}/ground', [StoreroomPictureController::class, 'ground']);
            Route::post('pictures/{record}/ground', [StoreroomPictureController::class, 'takeGround']);
            Route::post('pictures/{record}/back', [StoreroomPictureController::class, 'bringBack']);
            Route::post('storefronts', [StorefrontController::class, 'open'])->middleware('can:tend-people');
            Route::post('storefronts/{record}/password', [StorefrontController::class, 'password'])->middleware('can:tend-people');
            Route::get('out/pages.html', [StoreFileController::class, 'pages']);
            Route::get('out/{kind}.csv', [StoreFileController::class, 'out'])->where('kind', '[a-z]{1,20}');
        });
    }
}
