<?php

declare(strict_types=1);

namespace App\Http\Workbench;

use App\Actions\KeepLooks;
use App\Actions\TakeBase;
use App\Looks\BaseDesk;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What a look stands on, and the looks of a storefront. */
final class BaseController
{
    public function __construct(private readonly EditAnswer $answer) {}

    /** Takes a theme and a starter. */
    public function take(Request $request, int $look, TakeBase $take, BaseDesk $bases): Response
    {
        $found = $this->answer->look($look);
        $base = $bases->named($request) ?? throw new NotFoundHttpException();
        $user = EditAnswer::author($request);

        return $this->answer->to($request, $found, $take($found, $base, $request->integer('seen'), $user->name, $user->id));
    }

    /** Moves to the newest version of the theme; questions not decided stay the merchant's. */
    public function upgrade(Request $request, int $look, TakeBase $take, BaseDesk $bases): Response
    {
        $found = $this->answer->look($look);
        $merge = $bases->upgrade($found) ?? throw new NotFoundHttpException();
        $decisions = array_filter((array) $request->input('decide', []), is_string(...));
        $user = EditAnswer::author($request);

        return $this->answer->to($request, $found, $take($found, $merge->base, $request->integer('seen'), $user->name, $user->id, $merge->changes($decisions)));
    }

    public function rename(Request $request, int $look, KeepLooks $keep): Response
    {
        $found = $this->answer->look($look);
        $name = trim((string) $request->input('name'));
        if ($name === '' || mb_strlen($name) > 60) {
            return response('A look’s name has 1 to 60 characters. Nothing was changed.', 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }
        $keep->rename($found, $name);

        return $this->answer->to($request, $found, null);
    }

    public function copy(Request $request, int $look, KeepLooks $keep): Response
    {
        $copy = $keep->copy($this->answer->look($look), EditAnswer::author($request)->name);

        return response()->noContent(200)->withHeaders(['HX-Redirect' => "/workbench/looks/$copy->id/start"]);
    }

    public function away(Request $request, int $look, KeepLooks $keep): Response
    {
        $found = $this->answer->look($look);
        if (! $keep->putAway($found)) {
            return response('This is the storefront’s only look, so it stays. Duplicate it first, then put it away.', 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
        }

        return $this->answer->to($request, $found, null);
    }

    public function back(Request $request, int $look, KeepLooks $keep): Response
    {
        $found = $this->answer->look($look);
        $keep->bringBack($found);

        return $this->answer->to($request, $found, null);
    }
}
