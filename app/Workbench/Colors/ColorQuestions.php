<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Http\TypedRequest;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\Places;
use Ikat\Core\Color\GamutTable;
use Ikat\Core\Setting\LookException;
use Ikat\Core\Setting\StepKey;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the tools of Colors ask while somebody is pointing or dragging. Nothing here changes anything. */
final class ColorQuestions
{
    public function __construct(private readonly BenchMaker $maker) {}

    /** Where an ink stands on a ground. */
    public function pair(TypedRequest $request, int $look): JsonResponse
    {
        $cell = $this->panel($request, $look)->openCell() ?? throw new NotFoundHttpException();

        return response()->json(Places::told(
            $cell->title(),
            $cell->places,
            $cell->places === [] ? 'no part of the shop has this at present' : null,
        ));
    }

    /** Which part of the shop an element belongs to, and the setting that says what it wears. */
    public function wearer(TypedRequest $request, int $look): JsonResponse
    {
        $bench = $this->maker->make($request, $this->maker->look($look), StepKey::COLORS);
        $page = $request->word('page');
        $found = (new ColorsPanel($bench, $request))->wearerAt($page, Places::asked($request));
        if ($found === null) {
            return response()->json(null);
        }
        [$setting, $places] = $found;

        return response()->json([
            'path' => $setting->path,
            'label' => $setting->label,
            'now' => $setting->describe($bench->snapshot->resolved()->value($setting->path)),
            'places' => [$page => $places],
        ]);
    }

    /** How a color would read: its contrast lines at a hue, and its pairs at a value. */
    public function shade(TypedRequest $request, int $look, ColorPreview $preview): JsonResponse|Response
    {
        $bench = $this->maker->make($request, $this->maker->look($look), StepKey::COLORS);
        try {
            $shade = $preview->of(
                $bench,
                $request->word('path'),
                $request->number('hue', 0.0),
                $request->word('value'),
                $request->flag('dark'),
            );

            return response()->json(['turned' => (object) $shade['turned']] + $shade);
        } catch (LookException $e) {
            return response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }
    }

    public function gamut(int $look): JsonResponse
    {
        $this->maker->look($look);
        $table = Cache::rememberForever('gamut-72-50', static fn(): array => GamutTable::edges(72, 50));

        return response()->json(['most' => GamutTable::MOST_CHROMA, 'edges' => $table])->setCache(['private' => true, 'max_age' => 86400]);
    }

    private function panel(TypedRequest $request, int $look): ColorsPanel
    {
        return new ColorsPanel($this->maker->make($request, $this->maker->look($look), StepKey::COLORS), $request);
    }
}
