<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Http\TypedRequest;
use App\Models\Picture;
use App\Pictures\KeepPicture;
use App\Pictures\PictureGround;
use App\Pictures\UnusablePicture;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use App\Workbench\Storeroom\StoreroomAnswer;
use Illuminate\Http\Response;

/** A picture without its flat ground: shown first, and then taken. */
final class GroundController
{
    public function __construct(
        private readonly BenchMaker $maker,
        private readonly PictureGround $grounds,
        private readonly KeepPicture $keep,
    ) {}

    public function show(int $look, int $picture): Response
    {
        $this->maker->look($look);
        $found = Picture::query()->findOrFail($picture);
        $png = $this->grounds->shown($found);

        return $png === null
            ? response('This picture has no flat ground.', 404, ['Content-Type' => 'text/plain; charset=UTF-8'])
            : response($png, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=3600']);
    }

    public function take(TypedRequest $request, int $look, int $picture, StoreroomAnswer $answer): Response
    {
        return $this->change($request, $look, $answer, function () use ($picture): string {
            $found = Picture::query()->findOrFail($picture);
            $this->keep->put($found, $this->grounds->without($found));

            return "“{$found->title}” stands without its ground, everywhere. The earlier file can be brought back.";
        });
    }

    public function bringBack(TypedRequest $request, int $look, int $picture, StoreroomAnswer $answer): Response
    {
        return $this->change($request, $look, $answer, function () use ($picture): string {
            $this->keep->bringBack(Picture::query()->findOrFail($picture));

            return 'The earlier file is back.';
        });
    }

    /** @param callable(): string $change says what was done */
    private function change(TypedRequest $request, int $look, StoreroomAnswer $answer, callable $change): Response
    {
        $found = $this->maker->look($look);
        try {
            $words = $change();
        } catch (UnusablePicture $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $answer->changed($request, $found, $words);
    }
}
