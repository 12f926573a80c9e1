<?php

declare(strict_types=1);

namespace App\Workbench\Start;

use App\Access\AuditTrail;
use App\Http\TypedRequest;
use App\Looks\Bases;
use App\Looks\KeepLooks;
use App\Looks\TakeBase;
use App\Workbench\Shell\EditAnswer;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What a look stands on, and the looks of a storefront. */
final class StartController
{
    public function __construct(private readonly EditAnswer $answer, private readonly AuditTrail $audit) {}

    /** Takes a theme and a starter. */
    public function take(TypedRequest $request, int $look, TakeBase $take, Bases $bases): Response
    {
        $found = $this->answer->look($look);
        $base = $bases->named($request->word('theme'), $request->word('starter')) ?? throw new NotFoundHttpException();

        return $this->answer->to($request, $found, $take($found, $base, $request->id('seen'), EditAnswer::author($request)));
    }

    /** Moves to the newest version of the theme; questions not decided stay the merchant's. */
    public function upgrade(TypedRequest $request, int $look, TakeBase $take, Bases $bases): Response
    {
        $found = $this->answer->look($look);
        $merge = $bases->upgrade($found) ?? throw new NotFoundHttpException();
        $decisions = $request->pairs('decide');

        return $this->answer->to(
            $request,
            $found,
            $take($found, $merge->base, $request->id('seen'), EditAnswer::author($request), $merge->changes($decisions)),
        );
    }

    public function rename(TypedRequest $request, int $look, KeepLooks $keep): Response
    {
        $found = $this->answer->look($look);
        $name = $request->word('name');
        if ($name === '' || mb_strlen($name) > 60) {
            return EditAnswer::refuse('A look’s name has 1 to 60 characters. Nothing was changed.');
        }
        $keep->rename($found, $name);

        return $this->answer->to($request, $found, null);
    }

    public function copy(TypedRequest $request, int $look, KeepLooks $keep): Response
    {
        $copy = $keep->copy($this->answer->look($look), EditAnswer::author($request));

        return response()->noContent(200)->withHeaders(['HX-Redirect' => "/workbench/looks/$copy->id/start"]);
    }

    /** Who puts away what is open goes on in another look of the storefront. */
    public function away(TypedRequest $request, int $look, KeepLooks $keep): Response
    {
        $found = $this->answer->look($look);
        $other = $keep->putAway($found);
        if ($other === null) {
            return EditAnswer::refuse('This is the storefront’s only look, so it stays. Duplicate it first, then put it away.');
        }
        $this->audit->note('look put away', $found->name);

        return response()->noContent(200)->withHeaders(['HX-Redirect' => "/workbench/looks/$other->id/start"]);
    }

    public function back(TypedRequest $request, int $look, KeepLooks $keep): Response
    {
        $found = $this->answer->look($look);
        $keep->bringBack($found);
        $this->audit->note('look brought back', $found->name);

        return $this->answer->to($request, $found, null);
    }
}
