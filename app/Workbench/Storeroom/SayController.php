<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Models\MenuEntry;
use App\Models\Translation;
use App\Storeroom\RecordWish;
use App\Storeroom\StoreWriter;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Words of the look or of a menu, said in another language where they stand in the window. */
final class SayController
{
    public function __construct(private readonly BenchMaker $maker, private readonly StoreWriter $writer) {}

    /** @throws ValidationException */
    public function say(TypedRequest $request, int $look): Response
    {
        $found = $this->maker->look($look);
        $language = $request->word('language', '', 2);
        if (! in_array($language, $found->storefront->otherLanguages(), true)) {
            throw ValidationException::withMessages(['language' => 'The shop does not speak that language.']);
        }
        $bench = $this->maker->make($request, $found);
        $original = $request->has('record')
            ? MenuEntry::query()->findOrFail($request->id('record'))->label
            : $bench->snapshot->resolved()->text($bench->catalog()->get($request->word('path', '', 190))->path);
        $row = Translation::query()->firstWhere('known', Dictionary::known($language, $original));
        $words = $request->word('value', '', 20_000);
        try {
            $outcome = $this->writer->edit($found->storefront->store, EditAnswer::author($request), [
                $row === null
                    ? new RecordWish(RecordKinds::WORDS_SAID, null, ['language' => $language, 'original' => $original, 'words' => $words])
                    : new RecordWish(RecordKinds::WORDS_SAID, $row->id, ['words' => $words]),
            ]);
        } catch (RefusedChange $e) {
            throw ValidationException::withMessages(['value' => $e->getMessage()]);
        }
        $found->storefront->refresh();
        $found->storefront->store->refresh();
        $bench = $this->maker->make($request, $found);
        $words = $outcome->edit === null
            ? ($outcome->refused[0]->why ?? 'Nothing changed.')
            : ucfirst($outcome->edit->kind).": {$outcome->edit->label}. Undone in the Storeroom.";

        return $this->maker->answer('workbench.shell.answer', $bench, ['tells' => [
            'ikat:edited' => [
                'sheet' => $bench->prepare()->sheet(), 'reload' => $outcome->edit !== null, 'words' => $words, 'places' => [],
            ],
        ]]);
    }
}
