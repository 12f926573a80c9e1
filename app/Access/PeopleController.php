<?php

declare(strict_types=1);

namespace App\Access;

use App\Database\Transaction;
use App\Http\TypedRequest;
use App\Models\AccessLink;
use App\Models\AuditEntry;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

/** The people of a store, and what they did that others may want to know of. Owners only. */
final class PeopleController
{
    private const ENTRIES = 40;

    public function __construct(
        private readonly AuditTrail $audit,
        private readonly Sessions $sessions,
        private readonly AccessLinks $links,
    ) {}

    public function show(TypedRequest $request): View
    {
        return $this->page($request);
    }

    public function invite(TypedRequest $request): Response|RedirectResponse
    {
        $email = mb_strtolower($request->word('email', '', 190));
        $role = Role::tryFrom($request->word('role', '', 20));
        $isAddress = Validator::make(['email' => $email], ['email' => ['required', 'email:filter']])->passes();
        $problem = match (true) {
            ! $isAddress => 'Write an address such as ada@example.org.',
            $role === null => 'Choose a role.',
            User::query()->where('email', $email)->exists() => 'Somebody with that address works with Ikat already.',
            default => null,
        };
        if ($problem !== null) {
            return response($this->page($request, ['problem' => $problem, 'email' => $email]), 422);
        }
        $this->links->invite(self::owner($request)->store_id, $email, $request->word('name', '', 120), $role, self::owner($request)->name);
        $this->audit->note('somebody was invited', "$email as $role->value");

        return redirect('/workbench/people');
    }

    public function role(TypedRequest $request, int $person): Response|RedirectResponse
    {
        $role = Role::tryFrom($request->word('role', '', 20));
        $changed = $role === null
            ? null
            : $this->change($request, $person, static fn(User $user): bool => $user->update(['role' => $role]), $role === Role::Owner);
        if ($changed === null) {
            return response(
                $this->page($request, ['problem' => 'A store keeps at least one owner. Make somebody else an owner first.']),
                422,
            );
        }
        $this->audit->note('role changed', "$changed->name is $role->value now");

        return redirect('/workbench/people');
    }

    public function remove(TypedRequest $request, int $person): Response|RedirectResponse
    {
        $removed = $this->change($request, $person, static fn(User $user): bool => $user->update(['left_at' => now()]), false);
        if ($removed === null) {
            return response(
                $this->page($request, ['problem' => 'A store keeps at least one owner. Make somebody else an owner first.']),
                422,
            );
        }
        $this->sessions->endAll($removed);
        $this->audit->note('somebody was taken out', "$removed->name, $removed->email");

        return redirect($removed->is(self::owner($request)) ? '/workbench/sign-in' : '/workbench/people');
    }

    public function signOut(TypedRequest $request, int $person): RedirectResponse
    {
        $user = self::people($request)->findOrFail($person);
        $this->sessions->endAll($user, $user->is(self::owner($request)) ? $request->session()->getId() : null);
        $this->audit->note('signed out everywhere', $user->name);

        return redirect('/workbench/people');
    }

    public function withdraw(TypedRequest $request, int $invitation): RedirectResponse
    {
        AccessLink::query()
            ->where('store_id', self::owner($request)->store_id)
            ->where('purpose', AccessLinks::INVITATION)
            ->whereKey($invitation)
            ->whereNull('used_at')
            ->update(['used_at' => now()]);
        $this->audit->note('an invitation was withdrawn');

        return redirect('/workbench/people');
    }

    /**
     * @param callable(User): bool $change
     *
     * @return ?User null when no owner would be left
     */
    private function change(TypedRequest $request, int $person, callable $change, bool $staysOwner): ?User
    {
        return Transaction::run(static function () use ($request, $person, $change, $staysOwner): ?User {
            $people = self::people($request)->orderBy('id')->lockForUpdate()->get();
            $user = $people->find($person) ?? throw (new \Illuminate\Database\Eloquent\ModelNotFoundException())->setModel(User::class);
            $others = $people->filter(static fn(User $u): bool => $u->role === Role::Owner && ! $u->is($user))->count();
            if ($others === 0 && ! $staysOwner) {
                return null;
            }
            $change($user);

            return $user;
        });
    }

    /** @param array<string, mixed> $more */
    private function page(TypedRequest $request, array $more = []): View
    {
        $store = self::owner($request)->store_id;

        return view('access.people', [
            'user' => self::owner($request),
            'people' => self::people($request)->orderBy('id')->get(),
            'invitations' => AccessLink::query()
                ->where('store_id', $store)
                ->where('purpose', AccessLinks::INVITATION)
                ->whereNull('used_at')
                ->where('expires_at', '>', now())
                ->orderBy('id')
                ->get(),
            'entries' => AuditEntry::query()
                ->where('store_id', $store)
                ->when($request->id('before') > 0, static fn(Builder $q) => $q->where('id', '<', $request->id('before')))
                ->orderByDesc('id')
                ->limit(self::ENTRIES)
                ->get(),
            'problem' => null, 'email' => '',
            ...$more,
        ]);
    }

    /** @return Builder<User> those who work for the store now */
    private static function people(TypedRequest $request): Builder
    {
        return User::query()->where('store_id', self::owner($request)->store_id)->whereNull('left_at');
    }

    private static function owner(TypedRequest $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
