<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Models\Look;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The steps of the workbench. */
final class StepController
{
    public function __construct(private readonly BenchMaker $maker, private readonly Steps $steps) {}

    /** Where the person worked last; the first time, and when that look is gone, where the work begins. */
    public function first(TypedRequest $request): RedirectResponse
    {
        $user = $request->user();
        $place = $user instanceof User ? (string) $user->last_place : '';
        $looks = Look::query()->whereNull('put_away_at');
        if (preg_match('#^/workbench/looks/(\d+)/[a-z]+(\?|$)#D', $place, $m) === 1 && $looks->clone()->whereKey((int) $m[1])->exists()) {
            return redirect($place);
        }

        return redirect('/workbench/looks/'.$looks->orderBy('id')->firstOrFail()->id.'/'.$this->steps->first()->key());
    }

    public function show(TypedRequest $request, int $look, string $step): Response
    {
        if ($this->steps->find($step) === null) {
            throw new NotFoundHttpException();
        }
        $bench = $this->maker->make($request, $this->maker->look($look), $step);
        $isPart = $request->hasHeader('HX-Request') && ! $request->hasHeader('HX-History-Restore-Request');

        $answer = $this->maker->answer($isPart ? 'workbench.shell.answer' : 'workbench.shell.page', $bench);
        $place = $bench->panel()->placeAddress();
        // Nobody waits for what only the next sign-in asks for.
        if ($place !== $bench->user->last_place && mb_strlen($place) <= self::LONGEST) {
            app()->terminating(static fn() => $bench->user->newQuery()->whereKey($bench->user->id)->update(['last_place' => $place]));
        }

        return $answer;
    }

    /** Characters of an address that are remembered. */
    private const LONGEST = 700;
}
