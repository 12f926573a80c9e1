<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

/**
 * The one place where what a request brings becomes typed values.
 *
 * A key that is absent gives the default. One that is there and of the wrong kind (a list where a word is expected, letters where
 * a number is) is refused with 422 and a sentence; nothing is guessed, and nothing reaches a controller as anything else.
 * That every string is readable text has been seen to before (Middleware\ReadableInput).
 */
class TypedRequest extends FormRequest
{
    /** The largest id a row can have here: whatever is longer names none. */
    private const MOST_ID = 999_999_999_999_999;

    private const MOST_SECRET = 200;

    /** Who may use a route is said where the route is (can:edit and the like). */
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * A text without line breaks at its ends.
     *
     * @param int $most characters
     *
     * @throws ValidationException when it is no text, or longer
     */
    public function word(string $key, string $default = '', int $most = 400): string
    {
        $value = $this->input($key) ?? $default;
        if (is_int($value) || is_float($value)) {
            $value = (string) $value;
        }
        if (! is_string($value)) {
            throw $this->refusal($key, 'is not a text');
        }
        if (mb_strlen($value) > $most) {
            throw $this->refusal($key, "is longer than $most characters");
        }

        return trim($value);
    }

    /**
     * A text as it was typed, blanks at its ends included.
     *
     * @throws ValidationException when it is no text, or too long to be a password
     */
    public function secret(string $key): string
    {
        $value = $this->input($key) ?? '';
        if (! is_string($value) || strlen($value) > self::MOST_SECRET) {
            throw $this->refusal($key, 'is not a password');
        }

        return $value;
    }

    /**
     * A whole number; one outside the bounds becomes the nearer bound.
     *
     * @throws ValidationException when it is no whole number
     */
    public function whole(string $key, int $default, int $least, int $most): int
    {
        $value = $this->input($key);
        if ($value === null || $value === '') {
            return $default;
        }
        if (! is_int($value) && ! (is_string($value) && preg_match('/^\s*[+-]?\d{1,40}\s*$/D', $value) === 1)) {
            throw $this->refusal($key, 'is not a whole number');
        }

        return (int) max($least, min($most, (float) $value));
    }

    /**
     * The id of a row, 0 when none is named.
     *
     * @throws ValidationException when it is no whole number
     */
    public function id(string $key): int
    {
        return $this->whole($key, 0, 0, self::MOST_ID);
    }

    /** @throws ValidationException when it is no number, or not a finite one */
    public function number(string $key, float $default): float
    {
        $value = $this->input($key);
        if ($value === null || $value === '') {
            return $default;
        }
        if (! is_numeric($value) || ! is_finite((float) $value)) {
            throw $this->refusal($key, 'is not a number');
        }

        return (float) $value;
    }

    /** @throws ValidationException when it is neither on nor off */
    public function flag(string $key): bool
    {
        return match ($this->input($key)) {
            null, '', '0', 0, false, 'off', 'false', 'no' => false,
            '1', 1, true, 'on', 'true', 'yes' => true,
            default => throw $this->refusal($key, 'is neither on nor off'),
        };
    }

    /**
     * @return list<string>
     *
     * @throws ValidationException when it is no list of texts
     */
    public function words(string $key, int $most = 100): array
    {
        return array_values($this->pairs($key, $most));
    }

    /**
     * @return array<string, string>
     *
     * @throws ValidationException when it is no list of texts
     */
    public function pairs(string $key, int $most = 1000): array
    {
        $value = $this->input($key) ?? [];
        if (! is_array($value) || count($value) > $most) {
            throw $this->refusal($key, 'is not a list');
        }
        $pairs = [];
        foreach ($value as $name => $text) {
            if (! is_string($text) && $text !== null) {
                throw $this->refusal($key, 'is not a list of texts');
            }
            $pairs[(string) $name] = (string) $text;
        }

        return $pairs;
    }

    /**
     * Lists of texts by name.
     *
     * @return array<array-key, list<string>>
     *
     * @throws ValidationException when it is none
     */
    public function lists(string $key, int $most = 100): array
    {
        $value = $this->input($key) ?? [];
        if (! is_array($value) || count($value) > $most) {
            throw $this->refusal($key, 'is not a list');
        }
        $lists = [];
        foreach ($value as $name => $list) {
            if (! is_array($list) || count($list) > $most || array_filter($list, is_string(...)) !== $list) {
                throw $this->refusal($key, 'is not a list of texts');
            }
            $lists[$name] = array_values($list);
        }

        return $lists;
    }

    /**
     * A file that arrived, whole or not; null when none was sent.
     *
     * @throws ValidationException when several were sent under the one name
     */
    public function uploaded(string $key): ?UploadedFile
    {
        $file = $this->file($key);
        if (is_array($file)) {
            throw $this->refusal($key, 'takes one file');
        }

        return $file;
    }

    private function refusal(string $key, string $why): ValidationException
    {
        return ValidationException::withMessages(["What was sent as “{$this->plain($key)}” $why. Nothing was changed; go back and try "
            .'again.']);
    }

    private function plain(string $key): string
    {
        return str_replace('_', ' ', $key);
    }
}
