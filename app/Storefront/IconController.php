<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Pictures\IconShelf;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Icons not made yet; finished ones are files the web server finds first. */
final class IconController
{
    public function show(string $hash, string $file, IconShelf $shelf): Response
    {
        [$type, $content] = $shelf->file($hash, $file) ?? throw new NotFoundHttpException();

        return response($content, 200, ['Content-Type' => $type, 'Cache-Control' => 'public, max-age=31536000, immutable']);
    }
}
