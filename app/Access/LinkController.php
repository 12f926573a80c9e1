<?php

declare(strict_types=1);

namespace App\Access;

use App\Http\TypedRequest;
use App\Models\AccessLink;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;

/** What can be done without being signed in, by whoever reads the letter: a new password, and joining a store. */
final class LinkController
{
    public function __construct(
        private readonly AccessLinks $links,
        private readonly AuditTrail $audit,
        private readonly Sessions $sessions,
    ) {}

    public function forgot(): View
    {
        return view('access.forgot', ['sent' => false]);
    }

    public function sendReset(TypedRequest $request): View
    {
        $user = User::query()->whereNull('left_at')->firstWhere('email', mb_strtolower($request->word('email')));
        if ($user !== null) {
            $this->links->reset($user);
            $this->audit->note('new password asked for', '', $user);
        }

        // The same words whether or not somebody has that address.
        return view('access.forgot', ['sent' => true]);
    }

    public function reset(string $token): View|Response
    {
        return $this->form($this->links->find(AccessLinks::RESET, $token), 'reset', $token);
    }

    public function keepReset(TypedRequest $request, string $token): View|RedirectResponse|Response
    {
        $link = $this->links->find(AccessLinks::RESET, $token);
        $user = $link === null ? null : User::query()->whereNull('left_at')->find($link->user_id);
        $problem = $user === null ? null : Passwords::problem($request->secret('password'), $request->secret('again'), $user);
        if ($link === null || $user === null || $problem !== null) {
            return $this->form($user === null ? null : $link, 'reset', $token, $problem);
        }
        $this->links->use(
            $link,
            static fn(): int => User::query()
                ->whereKey($user->id)
                ->update(['password' => Hash::make($request->secret('password'))]),
        );
        $this->sessions->endAll($user);
        $this->audit->note('password chosen by letter', 'signed out everywhere', $user);

        return redirect('/workbench/sign-in');
    }

    public function invitation(string $token): View|Response
    {
        return $this->form($this->links->find(AccessLinks::INVITATION, $token), 'invitation', $token);
    }

    public function join(TypedRequest $request, string $token): View|RedirectResponse|Response
    {
        $link = $this->links->find(AccessLinks::INVITATION, $token);
        $name = $request->word('name', '', 120);
        $problem = match (true) {
            $link === null => null,
            $name === '' => 'Say what you are called.',
            User::query()->where('email', $link->email)->exists() => 'Somebody with this address works here already. Sign in instead.',
            default => Passwords::problem($request->secret('password'), $request->secret('again')),
        };
        if ($link === null || $problem !== null) {
            return $this->form($link, 'invitation', $token, $problem, $name);
        }
        $user = $this->links->use($link, static fn(AccessLink $l): User => User::query()->create([
            'store_id' => $l->store_id, 'name' => $name, 'email' => $l->email, 'role' => $l->role,
            'password' => $request->secret('password'),
        ]));
        if ($user !== null) {
            $this->audit->note('joined the store', "as {$user->role->value}", $user);
        }

        return redirect('/workbench/sign-in');
    }

    private function form(?AccessLink $link, string $way, string $token, ?string $problem = null, string $name = ''): View|Response
    {
        return $link === null
            ? response()->view('access.over', [], 404)
            : response()->view(
                "access.$way",
                ['link' => $link, 'token' => $token, 'problem' => $problem, 'name' => $name === '' ? $link->name : $name],
                $problem === null ? 200 : 422,
            );
    }
}
