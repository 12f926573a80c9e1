<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Looks\LookReader;
use App\Models\StoreEdit;
use App\Storefront\PreviewMoment;
use App\Storeroom\StoreReader;
use Ikat\Core\Season\Season;
use Ikat\Core\Setting\SettingPath;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What the workbench asks while somebody is pointing, typing or dragging, whatever the step. Nothing here changes anything. */
final class QuestionController
{
    public function __construct(private readonly BenchMaker $maker) {}

    public function find(TypedRequest $request, int $look): View
    {
        $asked = mb_substr($request->word('q'), 0, 80);
        $bench = $this->maker->make($request, $this->maker->look($look));

        return view('workbench.shell.found', ['asked' => $asked, 'bench' => $bench, 'found' => FindBox::find($asked, $bench)]);
    }

    public function reach(TypedRequest $request, int $look): JsonResponse
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        $path = $request->word('path');
        $setting = $bench->setting($path);

        return response()->json(Places::told(
            $setting->label,
            $bench->places($path),
            $bench->whyNowhere($path),
        ) + ['later' => (object) $bench->latentPlaces($path), 'device' => SettingPath::of($path)->device()]);
    }

    /** What a link may be set to, or a list may take: found on the server, so that a store may have as many as it likes. */
    public function offers(TypedRequest $request, int $look, StoreReader $store): View
    {
        $this->maker->look($look);
        $asked = mb_substr($request->word('q'), 0, 80);
        $groups = match ($request->word('kind')) {
            'product' => ['Products' => $store->products($asked)],
            'picture' => ['Pictures' => $store->pictures($asked)],
            default => $store->targets($asked),
        };

        return view(
            'workbench.shell.offers',
            [
                'groups' => array_filter($groups),
                'asked' => $asked,
                'nowhere' => $request->word('kind') === 'target' ? 'nowhere' : 'Add one…',
            ],
        );
    }

    /** What runs at a moment of the window's clock, in words. */
    public function moment(TypedRequest $request, int $look, LookReader $looks): JsonResponse
    {
        $snapshot = $looks->of($this->maker->look($look));
        $at = PreviewMoment::read($request->word('at', 'now'), $snapshot->zone);
        $names = $at === null ? [] : array_map(static fn(Season $s): string => $s->name, $snapshot->calendar()->runningAt($at->moment));

        return response()->json(['words' => match (true) {
            $at === null => 'That is not a day and time.',
            $names === [] => 'no season runs',
            default => implode(', ', $names).(count($names) === 1 ? ' runs' : ' run'),
        }]);
    }

    /** Whether somebody else has edited the look meanwhile. */
    /** What the steps and the bar tell, found anew. */
    public function told(TypedRequest $request, int $look): Response
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        $bench->tellAnew();

        return response()->view('workbench.shell.told', ['bench' => $bench, 'panel' => $bench->panel()]);
    }

    public function pulse(TypedRequest $request, int $look): View|Response
    {
        $found = $this->maker->look($look);
        $store = $found->storefront->store;
        if ($request->has('store_seen') && $store->head > $request->id('store_seen')) {
            $edit = StoreEdit::query()->where('sequence', $store->head)->firstOrFail();

            return view('workbench.shell.store-pulse', ['look' => $found, 'edit' => $edit]);
        }
        if ($found->head <= $request->id('seen')) {
            return response()->noContent();
        }

        return view(
            'workbench.shell.pulse',
            ['look' => $found, 'edit' => $found->edits()->where('sequence', $found->head)->firstOrFail(), 'step' => $request->word('step')],
        );
    }
}
