<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Type\FontFaces;
use Illuminate\Http\Response;

/** The stylesheet by which the bench shows each family in its own letters. */
final class ShelfController
{
    /** Seconds that a browser keeps it. */
    private const KEPT = 86_400;

    public function __construct(private readonly EditAnswer $answer) {}

    public function stylesheet(int $look): Response
    {
        $this->answer->look($look);

        return response(FontFaces::shelf(), 200, [
            'Content-Type' => 'text/css; charset=utf-8', 'Cache-Control' => 'private, max-age='.self::KEPT,
        ]);
    }
}
