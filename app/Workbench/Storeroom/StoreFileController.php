<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Models\Look;
use App\Models\StoreEdit;
use App\Models\User;
use App\Storeroom\HandleStoreFile;
use App\Storeroom\RecordFile;
use App\Storeroom\StoreFile;
use App\Storeroom\StoreFileState;
use App\Storeroom\TakeIn;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Store\File\FileShape;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RecordQuestion;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Files in and out of the Storeroom. */
final class StoreFileController
{
    public function __construct(
        private readonly BenchMaker $maker,
        private readonly StoreroomAnswer $answer,
        private readonly TakeIn $take,
    ) {}

    public function begin(TypedRequest $request, int $look): Response
    {
        $found = $this->maker->look($look);
        $upload = $request->uploaded('file');
        $user = $request->user();
        assert($user instanceof User);
        if ($upload === null) {
            return EditAnswer::refuse('Choose a file first.');
        }
        $kind = $this->kind($request, $found);
        if (! $kind->isMade) {
            return EditAnswer::refuse('No file is taken in here: what stands in this table is changed in it.');
        }
        try {
            $file = $this->take->begin($upload, $kind, $user);
        } catch (RefusedChange $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $this->goOn($request, $found, $file, StoreFileState::Reading);
    }

    /** In other letters, or cut at another sign. */
    public function shape(TypedRequest $request, int $look, int $file): Response
    {
        $found = $this->maker->look($look);
        $store = StoreFile::query()->findOrFail($file);
        $encoding = $request->word('encoding');
        $delimiter = array_search($request->word('delimiter'), FileShape::DELIMITERS, true);
        if (! isset(FileShape::ENCODINGS[$encoding]) || $delimiter === false || $store->state->isUnderWay()) {
            return EditAnswer::refuse('A file cannot be read so, or it is being gone through just now.');
        }
        $this->take->shape($store, RecordKinds::all($found->storefront->store->zone())[$store->kind], new FileShape($encoding, $delimiter));

        return $this->goOn($request, $found, $store, StoreFileState::Reading);
    }

    /** A column of the file is another of the store's, or is left out. */
    public function column(TypedRequest $request, int $look, int $file): Response
    {
        $found = $this->maker->look($look);
        $store = StoreFile::query()->findOrFail($file);
        $kind = RecordKinds::all($found->storefront->store->zone())[$store->kind];
        $key = $request->word('key', '', 40);
        if ($store->state->isUnderWay() || $key !== '' && ! (isset($kind->columns[$key]) && $kind->isInFiles($kind->columns[$key]))) {
            return EditAnswer::refuse('That column cannot be read, or the file is being gone through just now.');
        }
        $match = $store->match()->withChosen($request->whole('column', 0, 0, 1000), $key);
        $store->update(['columns' => ['columns' => $match->columns, 'by' => $match->by]]);

        return $this->goOn($request, $found, $store, StoreFileState::Reading);
    }

    public function take(TypedRequest $request, int $look, int $file): Response
    {
        $found = $this->maker->look($look);
        $store = StoreFile::query()->findOrFail($file);
        if ($store->state !== StoreFileState::Ready) {
            return EditAnswer::refuse('The file has not been looked through yet, or is taken in already.');
        }

        return $this->goOn($request, $found, $store, StoreFileState::Taking);
    }

    public function callOff(TypedRequest $request, int $look, int $file): Response
    {
        StoreFile::query()->findOrFail($file)->callOff();

        return $this->answer->to($request, $this->maker->look($look), null, words: 'It is called off at its next step.');
    }

    public function drop(TypedRequest $request, int $look, int $file): Response
    {
        $store = StoreFile::query()->findOrFail($file);
        if ($store->state->isUnderWay()) {
            return EditAnswer::refuse('It is being gone through just now. Call it off first.');
        }
        $store->forget();
        $request->merge(['open_file' => '', 'open_kind' => $store->kind]);

        return $this->answer->to($request, $this->maker->look($look), null, words: 'The file is put away.');
    }

    public function out(TypedRequest $request, int $look, string $kind, RecordFile $file): StreamedResponse
    {
        $found = $this->maker->look($look);
        $of = RecordKinds::all($found->storefront->store->zone())[$kind] ?? throw new NotFoundHttpException();
        $asked = RecordQuestion::of(
            $of,
            $request->word('open_q'),
            $request->word('open_ranges'),
            $request->word('open_only'),
            $request->word('open_sort'),
            '',
        );

        return response()->streamDownload(static function () use ($file, $of, $asked): void {
            $out = fopen('php://output', 'wb');
            if ($out !== false) {
                $file->write($of, $asked, $out);
            }
        }, "$kind.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    /** Pages as one document of the web. */
    public function pages(TypedRequest $request, int $look, RecordFile $file): Response
    {
        $found = $this->maker->look($look);
        $of = RecordKinds::all($found->storefront->store->zone())[RecordKinds::PAGES];
        $asked = RecordQuestion::of($of, $request->word('open_q'), '', $request->word('open_only'), '', '');

        return response($file->pages($of, $asked), 200, [
            'Content-Type' => 'text/html; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="pages.html"',
        ]);
    }

    /** Goes through it now, or behind the pages where that is too much for an answer to wait for. */
    private function goOn(TypedRequest $request, Look $look, StoreFile $file, StoreFileState $state): Response
    {
        $file->update(['state' => $state, 'words' => '']);
        $file->tellDone(0);
        $head = $look->storefront->store->head;
        if (TakeIn::isHeavy($file)) {
            HandleStoreFile::dispatch($file->id);
        } else {
            HandleStoreFile::run($this->take, $file, $look->storefront->store);
        }
        $edit = $file->state === StoreFileState::Taken
            ? StoreEdit::query()->where('sequence', '>', $head)->orderByDesc('sequence')->first()
            : null;
        $request->merge(['open_file' => (string) $file->id]);

        return $this->answer->to($request, $look, $edit, words: $edit === null ? $file->words : '');
    }

    private function kind(TypedRequest $request, Look $look): RecordKind
    {
        $kinds = RecordKinds::all($look->storefront->store->zone());

        return $kinds[$request->word('open_kind')] ?? $kinds[RecordKinds::GOODS];
    }
}
