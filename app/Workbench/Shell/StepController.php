<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Models\Look;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The steps of the workbench. */
final class StepController
{
    public function __construct(private readonly BenchMaker $maker, private readonly Steps $steps) {}

    public function first(): RedirectResponse
    {
        return redirect('/workbench/looks/'.Look::query()->whereNull('put_away_at')->orderBy('id')->firstOrFail()->id.'/colors');
    }

    public function show(TypedRequest $request, int $look, string $step): Response
    {
        if ($this->steps->find($step) === null) {
            throw new NotFoundHttpException();
        }
        $bench = $this->maker->make($request, $this->maker->look($look), $step);
        $isPart = $request->hasHeader('HX-Request') && ! $request->hasHeader('HX-History-Restore-Request');

        return $this->maker->answer($isPart ? 'workbench.shell.answer' : 'workbench.shell.page', $bench);
    }
}
