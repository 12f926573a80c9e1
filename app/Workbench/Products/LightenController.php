<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Pictures\PictureFiles;
use App\Storeroom\CardPictureReader;
use App\Tasks\Tasks;
use App\Workbench\Shell\BenchMaker;
use Illuminate\Contracts\View\View;

/** Begins to encode the pictures of products anew; how far it is, and calling it off, is as with all work behind the pages. */
final class LightenController
{
    public function begin(int $look, BenchMaker $maker, CardPictureReader $reader, Tasks $tasks): View
    {
        $found = $maker->look($look);
        $ids = PictureFiles::lightenable(array_column($reader->of($found->storefront)->pictures, 'id'));

        return view('workbench.library.task', [
            'look' => $found, 'task' => $tasks->lighten($ids), 'for' => '',
        ]);
    }
}
