<?php

declare(strict_types=1);

namespace App\Access;

use App\Http\TypedRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** In and out: address and password, then the second factor of those who have one. */
final class SignInController
{
    /** Who has given the right password and still owes the second factor: id, and until when. */
    private const OWES = 'owes-second-factor';
    private const MINUTES = 5;

    public function __construct(private readonly AuditTrail $audit) {}

    public function show(): View
    {
        return view('access.sign-in', ['problem' => null, 'email' => '']);
    }

    public function enter(TypedRequest $request): RedirectResponse|Response
    {
        $email = mb_strtolower($request->word('email'));
        $user = User::query()->whereNull('left_at')->firstWhere('email', $email);
        if (! Passwords::belongsTo($user, $request->secret('password')) || $user === null) {
            $this->audit->note('sign-in refused', $email, $user);

            // The same words, and the same work, whether the address or the password is wrong: neither is given away.
            return response()->view(
                'access.sign-in',
                ['problem' => 'That address and password do not belong together. Check both and try again.', 'email' => $email],
                422,
            );
        }
        if ($user->hasSecondFactor()) {
            $request->session()->regenerate();
            $request->session()->put(self::OWES, [$user->id, now()->addMinutes(self::MINUTES)->getTimestamp()]);

            return redirect('/workbench/second-factor');
        }

        return $this->letIn($request, $user, 'password');
    }

    public function factor(TypedRequest $request): View|RedirectResponse
    {
        return $this->owing($request) === null ? redirect('/workbench/sign-in') : view('access.second-factor', ['problem' => null]);
    }

    public function giveFactor(TypedRequest $request): RedirectResponse|Response
    {
        $user = $this->owing($request);
        if ($user === null) {
            return redirect('/workbench/sign-in');
        }
        if (! SecondFactor::accepts($user, $request->word('code', '', 40))) {
            $this->audit->note('second factor refused', '', $user);

            return response()->view(
                'access.second-factor',
                ['problem' => 'That code does not hold. Wait for the next one, or use one of your recovery codes.'],
                422,
            );
        }
        $request->session()->forget(self::OWES);

        return $this->letIn($request, $user, 'password and second factor');
    }

    public function leave(TypedRequest $request): RedirectResponse
    {
        $this->audit->note('signed out');
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/workbench/sign-in');
    }

    private function letIn(TypedRequest $request, User $user, string $with): RedirectResponse
    {
        Auth::login($user);
        $request->session()->regenerate();
        $this->audit->note('signed in', "with $with", $user);

        return redirect()->intended('/workbench');
    }

    private function owing(TypedRequest $request): ?User
    {
        [$id, $until] = $request->session()->get(self::OWES, [0, 0]);

        return $until < now()->getTimestamp() ? null : User::query()->whereNull('left_at')->find($id);
    }
}
