<?php

declare(strict_types=1);

namespace App\Workbench;

use App\Workbench\Shell\Step;

/** The steps of the workbench, in the order of the work. A new step is a folder and a line here. */
final class StepList
{
    /** @var list<class-string<Step>> */
    public const ALL = [
        Storeroom\StoreroomStep::class,
        Start\StartStep::class,
        Logo\LogoStep::class,
        Colors\ColorsStep::class,
        Fonts\FontsStep::class,
        Header\HeaderStep::class,
        Pages\PagesStep::class,
        Products\ProductsStep::class,
        Footer\FooterStep::class,
        Checkout\CheckoutStep::class,
        Seasons\SeasonsStep::class,
        Publish\PublishStep::class,
    ];
}
