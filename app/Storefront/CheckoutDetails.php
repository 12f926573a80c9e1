<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use Ikat\Core\Language\Dictionary;
use Illuminate\Support\Facades\Validator;

/** What a customer says of themselves at the checkout, and what is wrong with it. */
final class CheckoutDetails
{
    private const FIELDS = [
        'name' => ['required', 'string', 'max:120'],
        'email' => ['required', 'email:filter', 'max:190'],
        'street' => ['required', 'string', 'max:190'],
        'town' => ['required', 'string', 'max:120'],
        'postcode' => ['required', 'string', 'max:16'],
        'country' => ['nullable', 'string', 'size:2'],
    ];

    private const MESSAGES = [
        'required' => 'Please fill this in.',
        'email' => 'Write an address such as ada@example.org.',
        'max' => 'Please use at most :max characters.',
    ];

    /** Problems to show how they look. */
    public const SAMPLE_PROBLEMS = ['name' => self::MESSAGES['required'], 'email' => self::MESSAGES['email']];

    /** Characters of a field that come back for mending; the fields themselves take far fewer. */
    private const MOST_TYPED = 2000;

    /** @return array<string, string> field => what was typed */
    public static function typed(TypedRequest $request): array
    {
        $fields = array_keys(self::FIELDS);

        return array_combine($fields, array_map(static fn(string $key): string => $request->word($key, '', self::MOST_TYPED), $fields));
    }

    /**
     * @param array<string, string> $details
     *
     * @return array<string, string> field => what to do
     */
    public static function problems(array $details, Dictionary $dictionary): array
    {
        $check = Validator::make($details, self::FIELDS, array_map($dictionary->say(...), self::MESSAGES));

        return $check->fails() ? array_map(static fn(array $messages): string => $messages[0], $check->errors()->messages()) : [];
    }
}
