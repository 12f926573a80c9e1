<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Fonts\MarkFamily;
use App\Fonts\OwnFonts;
use App\Http\TypedRequest;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontFaces;
use Ikat\Core\Type\UnknownFont;
use Illuminate\Http\Response;

/** The stylesheet by which the bench shows each family in its own letters. */
final class ShelfController
{
    /** Seconds that a browser keeps it. */
    private const KEPT = 86_400;

    public function __construct(
        private readonly EditAnswer $answer,
        private readonly BenchMaker $maker,
        private readonly OwnFonts $fonts,
    ) {}

    /** Marks a family to be found again, or takes the mark off. */
    public function mark(TypedRequest $request, int $look, MarkFamily $mark): Response
    {
        $found = $this->answer->look($look);
        $isMarked = $request->word('marked') !== '';
        try {
            $mark($request->word('family'), $isMarked);
        } catch (UnknownFont $e) {
            return EditAnswer::refuse($e->getMessage());
        }

        return $this->maker->answer(
            'workbench.shell.answer',
            $this->maker->make($request, $found, StepKey::FONTS),
            ['tells' => ['ikat:told' => ['words' => $isMarked ? 'Marked: it stands under “marked”.' : 'The mark was taken off.']]],
        );
    }

    public function stylesheet(int $look): Response
    {
        $this->answer->look($look);

        return response(FontFaces::shelf($this->fonts->set()), 200, [
            'Content-Type' => 'text/css; charset=utf-8', 'Cache-Control' => 'private, max-age='.self::KEPT,
        ]);
    }
}
