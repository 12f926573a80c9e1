<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Models\Look;
use App\Models\StoreEdit;
use App\Storeroom\RefusedCell;
use App\Workbench\Shell\BenchMaker;
use Illuminate\Http\Response;

/** What every edit of the Storeroom answers with: table, bench and bar, and what the shop window needs to follow. */
final class StoreroomAnswer
{
    public function __construct(private readonly BenchMaker $maker) {}

    /** Something that shows in the shop was done outside the journal: it has a way back of its own. */
    public function changed(TypedRequest $request, Look $look, string $words): Response
    {
        return $this->told($request, $look, $words, true, []);
    }

    /** @param list<RefusedCell> $refused */
    public function to(TypedRequest $request, Look $look, ?StoreEdit $edit, array $refused = [], string $words = ''): Response
    {
        return $this->told($request, $look, $words === '' ? self::words($edit, $refused) : $words, $edit !== null, $refused);
    }

    /** @param list<RefusedCell> $refused */
    private function told(TypedRequest $request, Look $look, string $words, bool $isChanged, array $refused): Response
    {
        // The store's version has gone up in the database alone.
        $look->storefront->refresh();
        $look->storefront->store->refresh();
        // What another step changes of the Storeroom is answered with that step.
        $bench = $request->flag('here') ? $this->maker->make($request, $look) : $this->maker->make($request, $look, 'storeroom');

        return $this->maker->answer($request->flag('over') ? 'workbench.storeroom.over' : 'workbench.shell.answer', $bench, ['tells' => [
            'ikat:edited' => [
                'sheet' => $bench->prepare()->sheet(), 'reload' => $isChanged, 'words' => $words, 'places' => [],
            ],
            'ikat:cells' => ['refused' => $refused],
            ...($isChanged ? ['ikat:light' => []] : []),
        ]]);
    }

    /** @param list<RefusedCell> $refused */
    private static function words(?StoreEdit $edit, array $refused): string
    {
        $kept = $edit === null ? 'Nothing changed.' : ucfirst($edit->kind).": $edit->label.";

        return $refused === [] ? $kept : "$kept ".count($refused).' not kept: '.$refused[0]->why;
    }
}
