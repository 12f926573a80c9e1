<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Http\TypedRequest;
use App\Looks\Bases;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Exchange\PaletteEntry;
use Ikat\Core\Exchange\PaletteFile;
use Ikat\Core\Exchange\PaletteTaking;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The colors of a look in and out, and those of ready palettes. */
final class PaletteFileController
{
    public function __construct(private readonly EditAnswer $answer, private readonly LookReader $looks, private readonly EditLook $edit) {}

    public function export(int $look, string $format): Response
    {
        $found = $this->answer->look($look);
        [$ending, $type] = PaletteFile::FORMATS[$format] ?? throw new NotFoundHttpException();

        return response(
            PaletteFile::write(
                $format,
                PaletteEntry::ofLook($this->looks->of($found)->resolved(), $this->looks->of($found)->theme()),
                "$found->name, {$found->storefront->name}",
            ),
            200,
            ['Content-Type' => "$type; charset=UTF-8", 'Content-Disposition' => "attachment; filename=\"palette.$ending\""],
        );
    }

    /** Colors of a file, told by their names; what was not understood is listed. */
    public function import(TypedRequest $request, int $look): Response
    {
        $file = $request->uploaded('palette');
        if ($file === null || ! $file->isValid() || $file->getSize() > PaletteFile::MOST_BYTES) {
            return EditAnswer::refuse('Choose a palette file first: CSS, design tokens, palette list (.gpl) or SVG, at most 400 KB.');
        }
        $found = $this->answer->look($look);
        $read = PaletteFile::read(mb_scrub((string) file_get_contents($file->getPathname())));
        $taken = PaletteTaking::of(
            $this->looks->of($found)->resolved(),
            $this->looks->of($found)->theme(),
            $found->ownChanges(),
            $read['colors'],
            $request->flag('adds'),
        );
        $made = $taken['changes'] === []
            ? null
            : ($this->edit)($found, $taken['changes'], $request->id('seen'), EditAnswer::author($request), 'colors of a file');

        return $this->answer->to($request, $found, $made, ['report' => [
            'taken' => $taken['taken'],
            'unnamed' => array_map(static fn(string $name): string => "$name {$read['colors'][$name]}", $taken['unnamed']),
            'same' => $taken['same'],
            'not_understood' => $read['not_understood'],
        ]]);
    }

    /** All or some colors of a starter. */
    public function take(TypedRequest $request, int $look, Bases $bases): Response
    {
        $found = $this->answer->look($look);
        $base = $bases->named($request->word('theme'), $request->word('starter')) ?? throw new NotFoundHttpException();
        $theme = $bases->theme($base);
        $colors = array_combine(array_keys($theme->brandColors), $bases->colors($theme, $theme->starters[$base->starter]));
        $taken = array_intersect_key($colors, array_flip($request->words('take')), $this->looks->of($found)->theme()->brandColors);
        if ($taken === []) {
            return EditAnswer::refuse('Choose at least one color to take.');
        }
        $changes = array_combine(array_map(static fn(string $key): string => "brand.$key", array_keys($taken)), $taken);

        return $this->answer->to(
            $request,
            $found,
            ($this->edit)(
                $found,
                $changes,
                $request->id('seen'),
                EditAnswer::author($request),
                "colors of {$theme->starters[$base->starter]->title}",
            ),
        );
    }
}
