<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Looks\DraftFiles;
use App\Looks\ReleaseFiles;
use App\Models\Sheet;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Stylesheets not yet published, and published ones whose file is lost; all others are files the web server finds first. */
final class FileController
{
    public function sheet(string $name, DraftFiles $drafts, ReleaseFiles $files): Response
    {
        return response(self::again($name, $files) ?? $drafts->find($name) ?? throw new NotFoundHttpException(), 200, [
            'Content-Type' => 'text/css; charset=UTF-8',
            'Cache-Control' => 'public, max-age=31536000, immutable',
        ]);
    }

    private static function again(string $name, ReleaseFiles $files): ?string
    {
        $css = Sheet::query()->find($name)?->css;
        if ($css !== null) {
            try {
                $files->write($name, $css);
            } catch (\RuntimeException) {
                // A folder that is full does not keep the shop from its look.
            }
        }

        return $css;
    }
}
