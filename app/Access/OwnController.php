<?php

declare(strict_types=1);

namespace App\Access;

use App\Database\Transaction;
use App\Http\TypedRequest;
use App\Models\User;
use Ikat\Core\Access\Base32;
use Ikat\Core\Access\OneTimePassword;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** One's own way in: password, where one is signed in, second factor. */
final class OwnController
{
    /** The secret a device is being taught, until it has shown that it knows it. */
    private const TAUGHT = 'second-factor-taught';

    public function __construct(private readonly AuditTrail $audit, private readonly Sessions $sessions) {}

    public function show(TypedRequest $request): View
    {
        return $this->page($request);
    }

    public function password(TypedRequest $request): Response|RedirectResponse
    {
        $user = self::user($request);
        $problem = Passwords::belongsTo($user, $request->secret('current'))
            ? Passwords::problem($request->secret('password'), $request->secret('again'), $user)
            : 'That is not your present password.';
        if ($problem !== null) {
            return response($this->page($request, ['passwordProblem' => $problem]), 422);
        }
        Transaction::run(static fn(): bool => $user->update(['password' => $request->secret('password')]));
        $this->sessions->endAll($user, $request->session()->getId());
        $this->audit->note('password changed', 'signed out everywhere else');

        return redirect('/workbench/account?done=password');
    }

    public function endSession(TypedRequest $request): RedirectResponse
    {
        $key = $request->word('session', '', 40);
        if ($key === 'others') {
            $this->sessions->endAll(self::user($request), $request->session()->getId());
        } else {
            $this->sessions->end(self::user($request), $key);
        }
        $this->audit->note('signed out elsewhere', $key === 'others' ? 'everywhere else' : 'in one place');

        return redirect('/workbench/account?done=session');
    }

    public function teach(TypedRequest $request): RedirectResponse
    {
        $request->session()->put(self::TAUGHT, SecondFactor::secret());

        return redirect('/workbench/account#second-factor');
    }

    public function beginFactor(TypedRequest $request): Response
    {
        $secret = $request->session()->get(self::TAUGHT);
        $codes = is_string($secret)
            ? SecondFactor::begin(self::user($request), $secret, (string) preg_replace('/\D/', '', $request->word('code', '', 40)))
            : null;
        if ($codes === null) {
            return response(
                $this->page(
                    $request,
                    ['factorProblem' => 'That is not the code the device shows now. Wait for the next one and try again.'],
                ),
                422,
            );
        }
        $request->session()->forget(self::TAUGHT);
        $this->audit->note('second factor turned on');

        return response($this->page($request, ['codes' => $codes]));
    }

    public function endFactor(TypedRequest $request): Response|RedirectResponse
    {
        $user = self::user($request);
        if (! Passwords::belongsTo($user, $request->secret('current'))) {
            return response($this->page($request, ['factorProblem' => 'That is not your present password.']), 422);
        }
        SecondFactor::end($user);
        $this->audit->note('second factor turned off');

        return redirect('/workbench/account?done=factor');
    }

    /** @param array<string, mixed> $more */
    private function page(TypedRequest $request, array $more = []): View
    {
        $user = self::user($request);
        $taught = $request->session()->get(self::TAUGHT);

        return view('access.account', [
            'user' => $user,
            'sessions' => $this->sessions->of($user, $request->session()->getId()),
            'taught' => is_string($taught) ? [
                'secret' => implode(' ', str_split($taught, 4)),
                'address' => OneTimePassword::address(Base32::decode($taught), $user->email),
            ] : null,
            'done' => $request->word('done', '', 20),
            'passwordProblem' => null, 'factorProblem' => null, 'codes' => null,
            ...$more,
        ]);
    }

    private static function user(TypedRequest $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
