<?php

declare(strict_types=1);

namespace App\Storefront;

use Illuminate\Contracts\View\View;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The shop window's way to a page as it is when something happened. */
final class StateController
{
    public function show(StatePages $states, string $state): View
    {
        return $states->show($state) ?? throw new NotFoundHttpException();
    }
}
