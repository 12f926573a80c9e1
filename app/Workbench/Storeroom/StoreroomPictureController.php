<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Models\Picture;
use App\Pictures\KeepPicture;
use App\Pictures\Originals;
use App\Pictures\PictureGround;
use App\Pictures\UnusablePicture;
use App\Storeroom\PictureNames;
use App\Storeroom\RecordRows;
use App\Storeroom\StoreNames;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Files of the library's pictures: brought one after the other, put in the place of others, cut to a part. */
final class StoreroomPictureController
{
    public function __construct(
        private readonly BenchMaker $maker,
        private readonly StoreroomAnswer $answer,
        private readonly KeepPicture $keep,
    ) {}

    /** One of the files that were dropped. Its words are to be said afterwards: the table shows those that have none. */
    public function add(TypedRequest $request, int $look): JsonResponse|Response
    {
        $this->maker->look($look);
        $file = $request->uploaded('file');
        if ($file === null) {
            return EditAnswer::refuse('No file has arrived. Choose one or more pictures.');
        }
        try {
            $picture = $this->keep->add($file, '');
        } catch (UnusablePicture $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return new JsonResponse(['id' => $picture->id, 'name' => $picture->name]);
    }

    /** What becomes of files by their names; nothing is written. */
    public function names(TypedRequest $request, int $look, PictureNames $names, RecordRows $rows, StoreNames $called): View|Response
    {
        $found = $this->maker->look($look);
        $files = $request->words('names', PictureNames::MOST);
        $plan = $names->plan($files);
        $kind = RecordKinds::all($found->storefront->store->zone())[RecordKinds::GOODS];
        $ids = array_values(array_unique(array_column(array_filter($plan, static fn(array $p): bool => $p['way'] === 'joins'), 'id')));
        $stood = array_map(
            static fn(array $row): string => $kind->column('pictures')->type->write($row['pictures'], $called),
            $rows->read($kind, $ids),
        );

        return view('workbench.storeroom.zip', ['plan' => $plan, 'stood' => $stood, 'name' => $request->word('name', '', 200)]);
    }

    public function replace(TypedRequest $request, int $look, int $record): Response
    {
        return $this->change($request, $look, $record, function (Picture $picture) use ($request): string {
            $file = $request->uploaded('file') ?? throw UnusablePicture::broken($picture->title);
            $this->keep->replace($picture, $file);

            return 'Another file is in its place, everywhere.';
        });
    }

    public function crop(TypedRequest $request, int $look, int $record, Originals $originals): Response
    {
        return $this->change($request, $look, $record, function (Picture $picture) use ($request, $originals): string {
            [$left, $top, $right, $bottom] = array_map(
                static fn(string $side): float => max(0.0, min(100.0, $request->number($side, 0.0))) / 100,
                ['left', 'top', 'right', 'bottom'],
            );
            $this->keep->crop($picture, $originals, [$left, $top, max(0.0, 1 - $left - $right), max(0.0, 1 - $top - $bottom)]);

            return 'Cut, everywhere it stands.';
        });
    }

    /** A picture without its flat ground, before that is taken away. */
    public function ground(int $look, int $record, PictureGround $grounds): Response
    {
        $this->maker->look($look);
        $png = $grounds->shown(Picture::query()->findOrFail($record));

        return $png === null
            ? new Response('This picture has no flat ground.', 404, ['Content-Type' => 'text/plain; charset=UTF-8'])
            : new Response($png, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=3600']);
    }

    public function takeGround(TypedRequest $request, int $look, int $record, PictureGround $grounds): Response
    {
        return $this->change($request, $look, $record, function (Picture $picture) use ($grounds): string {
            $this->keep->put($picture, $grounds->without($picture));

            return 'It stands without its ground, everywhere.';
        });
    }

    public function bringBack(TypedRequest $request, int $look, int $record): Response
    {
        return $this->change($request, $look, $record, function (Picture $picture): string {
            $this->keep->bringBack($picture);

            return 'The earlier file is back.';
        });
    }

    /** @param callable(Picture): string $change says what was done */
    private function change(TypedRequest $request, int $look, int $record, callable $change): Response
    {
        $found = $this->maker->look($look);
        try {
            $words = $change(Picture::query()->findOrFail($record));
        } catch (UnusablePicture $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $this->answer->changed($request, $found, $words);
    }
}
