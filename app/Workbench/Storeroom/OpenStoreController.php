<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Access\AuditTrail;
use App\Access\Passwords;
use App\Http\TypedRequest;
use App\Models\User;
use App\Storeroom\OpenStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Validator;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A new, empty store, opened from the sign-in page. */
final class OpenStoreController
{
    public function __construct(private readonly AuditTrail $audit) {}

    public function show(): Response
    {
        self::refuseWhereClosed();

        return self::form([], null);
    }

    public function open(TypedRequest $request, OpenStore $open): RedirectResponse|Response
    {
        self::refuseWhereClosed();
        $given = [
            'store' => $request->word('store', '', 120), 'country' => $request->word('country', '', 2),
            'zone' => $request->word('zone', '', 64),
            'person' => $request->word('person', '', 120), 'email' => mb_strtolower($request->word('email', '', 190)),
        ];
        $isEmail = Validator::make($given, ['email' => ['required', 'email:filter', 'max:190']])->passes();
        $problem = match (true) {
            $given['store'] === '' => 'Say what the store is called.',
            ! isset(OpenStore::countries()[$given['country']]) => 'Choose the country the store is in.',
            ! in_array($given['zone'], \DateTimeZone::listIdentifiers(), true) => 'Choose the time zone its clock goes by.',
            $given['person'] === '' => 'Say what you are called.',
            ! $isEmail => 'Write your e-mail address, like name@example.org.',
            default => Passwords::problem($request->secret('password'), $request->secret('again')),
        };
        if ($problem === null && User::query()->where('email', $given['email'])->exists()) {
            $problem = 'This address belongs to somebody who works in a store here. Sign in, or use another address.';
        }
        if ($problem !== null) {
            return self::form($given, $problem);
        }
        $owner = $open($given['store'], $given['country'], $given['zone'], $given['person'], $given['email'], $request->secret('password'));
        Auth::login($owner);
        $request->session()->regenerate();
        $this->audit->note('opened the store', $given['store'], $owner);

        return redirect('/workbench');
    }

    private static function refuseWhereClosed(): void
    {
        if (config('ikat.open_stores') !== true) {
            throw new NotFoundHttpException();
        }
    }

    /** @param array<string, string> $given */
    private static function form(array $given, ?string $problem): Response
    {
        return response()->view('access.open-store', ['given' => $given, 'problem' => $problem], $problem === null ? 200 : 422);
    }
}
