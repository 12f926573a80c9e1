<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Models\Look;
use Ikat\Core\Setting\Step;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The steps of the workbench. */
final class StepController
{
    public function __construct(private readonly BenchMaker $maker) {}

    public function first(): RedirectResponse
    {
        return redirect('/workbench/looks/'.Look::query()->orderBy('id')->firstOrFail()->id.'/colors');
    }

    public function show(TypedRequest $request, int $look, string $step): View|Response
    {
        $bench = $this->maker->make($request, $this->maker->look($look), Step::from($step));
        if ($request->hasHeader('HX-Request') && ! $request->hasHeader('HX-History-Restore-Request')) {
            return response()->view('workbench.answer', ['bench' => $bench]);
        }

        return view('workbench.page', ['bench' => $bench]);
    }
}
