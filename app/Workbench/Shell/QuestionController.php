<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Looks\LookReader;
use App\Storefront\PreviewMoment;
use App\Storefront\SamplePages;
use App\Workbench\Colors\ColorPreview;
use Ikat\Core\Color\GamutTable;
use Ikat\Core\Season\Season;
use Ikat\Core\Setting\LookException;
use Ikat\Core\Setting\SettingType;
use Ikat\Core\Setting\Step;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the bench asks while somebody is pointing, typing or dragging. Nothing here changes anything. */
final class QuestionController
{
    public function __construct(private readonly BenchMaker $maker) {}

    public function find(TypedRequest $request, int $look): View
    {
        $asked = mb_substr($request->word('q'), 0, 80);
        $bench = $this->maker->make($request, $this->maker->look($look));

        return view('workbench.found', ['asked' => $asked, 'found' => FindBox::find($asked, $bench)]);
    }

    public function reach(TypedRequest $request, int $look): JsonResponse
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        $path = $request->word('path');
        $setting = $bench->setting($path);

        return response()->json(self::places($setting->label, $bench->places($path), $bench->whyNowhere($path)) + ['later' => (object) $bench->latentPlaces($path)]);
    }

    /** What an element of the window is made of: its settings, the value of each, and why it is that. */
    public function point(TypedRequest $request, int $look): JsonResponse
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        $elements = self::elements($request);
        $input = $bench->input();
        $paths = $input->reach->settingsAt($request->word('page'), $elements, $input->look);
        // Colors first: they are what is asked about most.
        usort($paths, static fn(string $a, string $b): int => ($input->look->catalog->get($b)->type === SettingType::Color) <=> ($input->look->catalog->get($a)->type === SettingType::Color));

        return response()->json(['settings' => array_map(static fn(string $path): array => [
            'label' => $bench->setting($path)->label,
            'value' => $bench->setting($path)->say($input->look->value($path)),
            'color' => $bench->setting($path)->type === SettingType::Color ? $input->look->text($path) : null,
            'why' => $input->look->why($path),
            'address' => $bench->addressOfSetting($path, $bench->setting($path)->step),
        ], array_slice($paths, 0, 12))]);
    }

    /** Where an ink stands on a ground. */
    public function knot(TypedRequest $request, int $look): JsonResponse
    {
        $bench = $this->maker->make($request, $this->maker->look($look), Step::Colors);
        $knot = $bench->colors()->openKnot() ?? throw new NotFoundHttpException();

        return response()->json(self::places($knot->title(), $knot->places, $knot->places === [] ? 'no part of the shop has this at present' : null));
    }

    /** Which part of the shop an element belongs to, and the setting that says what it wears. */
    public function wearer(TypedRequest $request, int $look): JsonResponse
    {
        $bench = $this->maker->make($request, $this->maker->look($look), Step::Colors);
        $page = $request->word('page');
        $elements = self::elements($request);
        $found = $bench->colors()->wearerAt($page, $elements);
        if ($found === null) {
            return response()->json(null);
        }
        [$setting, $places] = $found;

        return response()->json(['path' => $setting->path, 'label' => $setting->label, 'now' => $setting->say($bench->input()->look->value($setting->path)), 'places' => [$page => $places]]);
    }

    /**
     * @param array<string, list<int>> $places page => elements
     *
     * @return array{label: string, places: array<string, list<int>>, count: int, pages: array<string, string>, why: ?string}
     */
    private static function places(string $label, array $places, ?string $why): array
    {
        return ['label' => $label, 'places' => $places, 'count' => array_sum(array_map(count(...), $places)), 'pages' => array_intersect_key(SamplePages::labels(), $places), 'why' => $why];
    }

    /** @return list<int> places of elements on a page, as the window numbers them */
    private static function elements(TypedRequest $request): array
    {
        return array_map(static fn(string $n): int => preg_match('/^\d{1,6}$/D', $n) === 1 ? (int) $n : -1, array_slice(explode(',', $request->word('elements', '', 4000)), 0, 40));
    }

    /** How a color would read: its contrast lines at a hue, and its pairs at a value. */
    public function shade(TypedRequest $request, int $look, ColorPreview $shades): JsonResponse|Response
    {
        $bench = $this->maker->make($request, $this->maker->look($look));
        try {
            $shade = $shades->of($bench, $request->word('path'), $request->number('hue', 0.0), $request->word('value'), $request->flag('dark'));

            return response()->json(['turned' => (object) $shade['turned']] + $shade);
        } catch (LookException $e) {
            return response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }
    }

    public function gamut(): JsonResponse
    {
        $table = Cache::rememberForever('gamut-72-50', static fn(): array => GamutTable::edges(72, 50));

        return response()->json(['most' => GamutTable::MOST_CHROMA, 'edges' => $table])->setCache(['private' => true, 'max_age' => 86400]);
    }

    /** What runs at a moment of the window's clock, in words. */
    public function moment(TypedRequest $request, int $look, LookReader $desk): JsonResponse
    {
        $found = $this->maker->look($look);
        $at = PreviewMoment::read($request->word('at', 'now'), $desk->zone($found));
        $names = $at === null ? [] : array_map(static fn(Season $s): string => $s->name, $desk->calendar($found)->runningAt($at->moment));

        return response()->json(['words' => match (true) {
            $at === null => 'That is not a day and time.',
            $names === [] => 'no season runs',
            default => implode(', ', $names).(count($names) === 1 ? ' runs' : ' run'),
        }]);
    }

    /** Whether somebody else has edited the look meanwhile. */
    public function pulse(TypedRequest $request, int $look): View|Response
    {
        $found = $this->maker->look($look);
        if ($found->head <= $request->id('seen')) {
            return response()->noContent();
        }

        return view('workbench.pulse', ['look' => $found, 'edit' => $found->edits()->orderByDesc('sequence')->firstOrFail(), 'step' => $request->word('step')]);
    }
}
