<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Looks\Trials;
use App\Models\Look;
use App\Models\User;
use App\Pictures\PictureShelf;
use App\Storefront\DraftShop;
use App\Storefront\SamplePages;
use App\Storeroom\StoreReader;
use Illuminate\Http\Response;

/** Makes the bench a request asks for, and answers with it. */
final class BenchMaker
{
    public function __construct(
        private readonly Steps $steps,
        private readonly LookReader $looks,
        private readonly Inspector $inspector,
        private readonly DraftShop $drafts,
        private readonly PictureShelf $pictures,
        private readonly Trials $trials,
        private readonly SamplePages $pages,
        private readonly StoreReader $store,
    ) {}

    /** @param string $step key of the step; the one the request names, with none */
    public function make(TypedRequest $request, Look $look, string $step = ''): Bench
    {
        $user = $request->user();
        assert($user instanceof User);

        return new Bench(
            $request,
            $look,
            $this->steps->orFirst($step === '' ? $request->word('step') : $step),
            $user,
            $this->steps,
            $this->looks,
            $this->inspector,
            $this->drafts,
            $this->pictures,
            $this->trials,
            $this->pages,
            $this->store,
        );
    }

    public function look(int $id): Look
    {
        return Look::query()->with('storefront.store')->findOrFail($id);
    }

    /**
     * The whole page, or what of it an answer changes. Everything that writes is done before the view is rendered, or after.
     *
     * @param array<string, mixed> $more what the panel tells besides
     */
    public function answer(string $view, Bench $bench, array $more = []): Response
    {
        $response = response()->view($view, ['bench' => $bench->prepare(), 'panel' => $bench->panel(), ...$more]);
        $this->trials->keepOffered();

        return $response;
    }
}
