<?php

declare(strict_types=1);

namespace App\Http\Workbench;

use App\Actions\JournalBook;
use App\Looks\Bench;
use App\Looks\DraftShop;
use App\Looks\LookDesk;
use App\Looks\ReachDesk;
use App\Looks\SamplePages;
use App\Looks\StoreDesk;
use App\Models\Look;
use App\Models\User;
use Ikat\Core\Look\SettingType;
use Ikat\Core\Look\Step;
use Illuminate\Http\Request;

/** Reads from a request what the bench is open at. Anything unknown falls back to the beginning. */
final class BenchMaker
{
    public function __construct(
        private readonly LookDesk $desk,
        private readonly ReachDesk $reach,
        private readonly JournalBook $book,
        private readonly SamplePages $pages,
        private readonly StoreDesk $store,
        private readonly DraftShop $drafts,
    ) {}

    public function make(Request $request, Look $look, ?Step $step = null): Bench
    {
        $theme = $this->desk->theme($look);
        $catalog = $this->desk->catalog($look);
        $asked = (string) $request->input('open_scheme', '');
        $scheme = isset($theme->schemes[$asked]) ? $asked : (string) array_key_first($theme->schemes);
        $path = (string) $request->input('open_path', '');
        $isColor = $catalog->has($path) && $catalog->get($path)->type === SettingType::Color;
        // A scheme's role belongs to the scheme that is open; a brand color belongs to all.
        if (! $isColor || (str_starts_with($path, 'scheme.') && ! str_starts_with($path, "scheme.$scheme."))) {
            $path = "scheme.$scheme.ground";
        }
        $user = $request->user();
        assert($user instanceof User);
        $finding = $request->input('open_finding');

        return new Bench($look, $step ?? Step::tryFrom((string) $request->input('step')) ?? Step::Colors, $user, $scheme, $path, is_string($finding) ? $finding : null, (string) $request->input('open_part', ''), $this->desk, $this->reach, $this->book, $this->pages, $this->store, $this->drafts);
    }

    public function look(int $id): Look
    {
        return Look::query()->with('storefront.store')->findOrFail($id);
    }
}
