<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Mail;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the mailbox kept, for the workbench alone. */
final class MailController
{
    public function __construct(private readonly ShopContext $shop) {}

    public function show(string $mail): Response
    {
        $found = Mail::query()->where('storefront_id', $this->shop->storefront->id)->find((int) $mail) ?? throw new NotFoundHttpException();

        return response($found->html);
    }
}
