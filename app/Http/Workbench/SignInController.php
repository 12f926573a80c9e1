<?php

declare(strict_types=1);

namespace App\Http\Workbench;

use App\Http\TypedRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

final class SignInController
{
    public function show(): View
    {
        return view('workbench.sign-in', ['problem' => null, 'email' => '']);
    }

    public function enter(TypedRequest $request): RedirectResponse|Response
    {
        $email = mb_strtolower($request->word('email'));
        if (! Auth::attempt(['email' => $email, 'password' => $request->secret('password')])) {
            // The same words whether the address or the password is wrong: neither is given away.
            return response()->view('workbench.sign-in', ['problem' => 'That address and password do not belong together. Check both and try again.', 'email' => $email], 422);
        }
        $request->session()->regenerate();

        return redirect()->intended('/workbench');
    }

    public function leave(TypedRequest $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/workbench/sign-in');
    }
}
