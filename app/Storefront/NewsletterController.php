<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Database\Transaction;
use App\Http\TypedRequest;
use App\Models\NewsletterSubscriber;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

/** Signing up to the newsletter. */
final class NewsletterController
{
    public function store(TypedRequest $request, ShopContext $shop, ShopPages $pages): Response
    {
        $email = $request->word('email');
        $valid = Validator::make(['email' => $email], ['email' => ['required', 'email:filter', 'max:190']])->passes();
        if ($valid && ! $shop->isPreview()) {
            Transaction::run(static fn() => NewsletterSubscriber::query()->firstOrCreate(['email' => mb_strtolower($email)]));
        }

        return response($pages->letter($email, $valid), $valid ? 200 : 422);
    }
}
