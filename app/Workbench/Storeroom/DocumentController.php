<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Storeroom\KeepDocument;
use App\Storeroom\RecordWish;
use App\Storeroom\StoreWriter;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Files of documents: brought one after the other, and put in the place of others. Each is an edit of the Storeroom. */
final readonly class DocumentController
{
    public function __construct(
        private BenchMaker $maker,
        private StoreroomAnswer $answer,
        private StoreWriter $writer,
        private KeepDocument $keep,
    ) {}

    /** One of the files that were dropped. */
    public function add(TypedRequest $request, int $look): JsonResponse|Response
    {
        $store = $this->maker->look($look)->storefront->store;
        try {
            $file = self::brought($request);
            $name = KeepDocument::name($file);
            $cells = ['name' => $name, ...$this->keep->take($file)];
            $wish = new RecordWish(RecordKinds::DOCUMENTS, null, $cells, isWhole: true, isBrought: true);
            $outcome = $this->writer->edit($store, EditAnswer::author($request), [$wish]);
        } catch (RefusedChange $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $outcome->made === []
            ? EditAnswer::refuse($outcome->refused[0]->why)
            : new JsonResponse(['id' => $outcome->made[0], 'name' => $name]);
    }

    /** Another file under the same address. */
    public function replace(TypedRequest $request, int $look, int $record): Response
    {
        $found = $this->maker->look($look);
        try {
            $wish = new RecordWish(RecordKinds::DOCUMENTS, $record, $this->keep->take(self::brought($request)), isWhole: true);
            $outcome = $this->writer->edit($found->storefront->store, EditAnswer::author($request), [$wish]);
        } catch (RefusedChange $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $this->answer->to($request, $found, $outcome->edit, $outcome->refused);
    }

    /** @throws RefusedChange when none is there */
    private static function brought(TypedRequest $request): UploadedFile
    {
        return $request->uploaded('file') ?? throw new RefusedChange('No file has arrived. Choose one and try again.');
    }
}
