<?php

declare(strict_types=1);

namespace App\Http\Shop;

use App\Looks\DraftFiles;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Stylesheets not yet published; published ones are files the web server finds first. */
final class FileController
{
    public function draft(string $name, DraftFiles $drafts): Response
    {
        return response($drafts->find($name) ?? throw new NotFoundHttpException(), 200, [
            'Content-Type' => 'text/css; charset=UTF-8',
            'Cache-Control' => 'public, max-age=31536000, immutable',
        ]);
    }
}
