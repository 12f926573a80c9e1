<?php

declare(strict_types=1);

namespace App\Workbench\Library;

use App\Http\TypedRequest;
use App\Models\Picture;
use App\Pictures\KeepPicture;
use App\Pictures\UnusablePicture;
use App\Tasks\Task;
use App\Tasks\Tasks;
use App\Workbench\Shell\BenchMaker;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The store's picture library, opened over the bench: to choose for a setting, or to tend. */
final class PictureController
{
    /** Pictures on a page of the library. */
    private const AT_ONCE = 60;

    public function __construct(private readonly BenchMaker $maker, private readonly KeepPicture $keep, private readonly Tasks $tasks) {}

    public function show(TypedRequest $request, int $look): View
    {
        return $this->library($request, $look, Picture::query()->find($request->id('open')));
    }

    public function add(PictureRequest $request, int $look): View|Response
    {
        return Tasks::isHeavy($request->picture())
            ? $this->queued($request, $look, $this->tasks->take($request->picture(), $request->alt()))
            : $this->changed($request, $look, fn(): Picture => $this->keep->add($request->picture(), $request->alt()));
    }

    /** @param callable(): Picture $change */
    private function changed(TypedRequest $request, int $look, callable $change): Response
    {
        try {
            $picture = $change();
        } catch (UnusablePicture $e) {
            return response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }

        return response()->view('workbench.library.library', $this->data($request, $look, $picture));
    }

    private function queued(TypedRequest $request, int $look, ?Task $task): View|Response
    {
        return $task === null
            ? response(
                'Many large pictures are waiting already. Try again when some of them are done.',
                422,
                ['Content-Type' => 'text/plain; charset=UTF-8'],
            )
            : $this->library($request, $look, null);
    }

    private function library(TypedRequest $request, int $look, ?Picture $open): View
    {
        return view('workbench.library.library', $this->data($request, $look, $open));
    }

    /** @return array<string, mixed> */
    private function data(TypedRequest $request, int $look, ?Picture $open): array
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        $path = $request->word('for');
        $asked = mb_substr($request->word('find'), 0, 80);
        $page = $request->whole('page', 1, 1, 10_000);
        $like = '%'.addcslashes($asked, '\\%_').'%';
        $pictures = Picture::query()->when(
            $asked !== '',
            static fn($q) => $q->where(static fn($q) => $q->where('alt', 'like', $like)->orWhere('name', 'like', $like)),
        )
            ->orderByDesc('id')->offset(($page - 1) * self::AT_ONCE)->limit(self::AT_ONCE + 1)->get();

        return [
            'bench' => $bench,
            'asked' => $asked,
            'page' => $page,
            'isLast' => $pictures->count() <= self::AT_ONCE,
            'pictures' => $pictures->take(self::AT_ONCE),
            'open' => $open,
            'tasks' => $this->tasks->underWay(),
            'setting' => $bench->catalog()->has($path) ? $bench->setting($path) : null,
        ];
    }
}
