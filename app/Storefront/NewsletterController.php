<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\NewsletterSubscriber;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

/** Signing up to letters, saying yes to them, and leaving again. */
final class NewsletterController
{
    public function __construct(
        private readonly ShopContext $shop,
        private readonly ShopPages $pages,
        private readonly Subscribe $subscribe,
    ) {}

    public function store(TypedRequest $request): Response
    {
        $email = $request->word('email');
        $list = $request->word('list', 'newsletter', 12);
        $valid = Validator::make(['email' => $email], ['email' => ['required', 'email:filter', 'max:190']])->passes();
        if ($valid && ! $this->shop->isPreview()) {
            $this->subscribe->ask($this->shop, $email, isset(Subscribe::LISTS[$list]) ? $list : 'newsletter');
        }

        return response($this->pages->letter($email, $valid), $valid ? 200 : 422);
    }

    /** A link is opened by machines too: what it leads to only asks. */
    public function link(string $token): Response
    {
        $row = $this->subscribe->find($token);

        return $this->page($row, $row?->confirmed_at === null ? 'ask' : 'joined');
    }

    public function confirm(string $token): Response
    {
        $row = $this->subscribe->find($token);
        if ($row !== null) {
            $this->subscribe->confirm($row);
        }

        return $this->page($row, 'joined');
    }

    public function leave(string $token): Response
    {
        $row = $this->subscribe->find($token);
        if ($row !== null) {
            $this->subscribe->leave($row);
        }

        return $this->page($row, 'left');
    }

    private function page(?NewsletterSubscriber $row, string $state): Response
    {
        return $row === null
            ? response($this->pages->letterLink('gone'), 404)
            : response($this->pages->letterLink($state, $row->email, (string) $row->token));
    }
}
