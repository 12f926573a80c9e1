<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Access\AuditTrail;
use App\Http\TypedRequest;
use App\Models\Storefront;
use App\Storeroom\OpenStorefront;
use App\Storeroom\TouchedColumns;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\Response;

/** Storefronts of the store, which its owner opens and locks. */
final class StorefrontController
{
    private const LEAST_PASSWORD = 6;

    public function __construct(
        private readonly BenchMaker $maker,
        private readonly StoreroomAnswer $answer,
        private readonly OpenStorefront $open,
        private readonly AuditTrail $audit,
    ) {}

    public function open(TypedRequest $request, int $look, TouchedColumns $touched): Response
    {
        try {
            $copy = ($this->open)(
                $request->word('name', '', 200),
                $request->word('address', '', 200),
                $this->maker->look($look),
                EditAnswer::author($request),
            );
        } catch (RefusedChange $e) {
            return EditAnswer::refuse($e->getMessage());
        }
        $touched->touchColumns(RecordKinds::STOREFRONTS, [TouchedColumns::RECORDS]);
        $this->audit->note('opened a storefront', $copy->storefront->name);

        return response(
            '',
            200,
            ['HX-Redirect' => "/workbench/looks/$copy->id/storeroom?open_kind=storefronts&open_record=$copy->storefront_id"],
        );
    }

    public function password(TypedRequest $request, int $look, int $record): Response
    {
        $storefront = Storefront::query()->findOrFail($record);
        $password = $request->secret('password');
        if ($password !== '' && mb_strlen($password) < self::LEAST_PASSWORD) {
            return EditAnswer::refuse('A password for the shop has at least '.self::LEAST_PASSWORD.' characters.');
        }
        $this->open->password($storefront, $password);
        $this->audit->note('changed the password of a storefront', $storefront->name);

        return $this->answer->to($request, $this->maker->look($look), null, words: "The password of $storefront->name is another one.");
    }
}
