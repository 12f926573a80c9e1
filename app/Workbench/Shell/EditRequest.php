<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Illuminate\Validation\ValidationException;

/** An edit as the bench sends it: one path and value, or several as JSON. */
final class EditRequest extends TypedRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('edit') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'seen' => ['required', 'integer', 'min:0'],
            'path' => ['required_without:changes', 'string', 'max:120'],
            'value' => ['nullable', 'string', 'max:4000'],
            'changes' => ['nullable', 'json', 'max:200000'],
            'original' => ['nullable', 'boolean'],
        ];
    }

    /**
     * @return array<string, mixed> path => value; null brings the original back
     *
     * @throws ValidationException when it is not paths and values
     */
    public function changes(): array
    {
        $several = $this->input('changes');
        $changes = is_string($several)
            ? $this->several($several)
            : [(string) $this->input('path') => $this->boolean('original') ? null : (string) $this->input('value', '')];
        foreach (array_keys($changes) as $path) {
            // A number is no path, and PHP would make it one again wherever it stands as a key.
            if (is_int($path)) {
                throw ValidationException::withMessages(["There is no setting “{$path}”. Nothing was changed; load the page again."]);
            }
        }

        return $changes;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws ValidationException when it is not paths and values
     */
    private function several(string $json): array
    {
        $changes = json_decode($json, true, 4);
        if (! is_array($changes) || $changes === [] || array_is_list($changes)) {
            throw ValidationException::withMessages(['An edit is paths and their values. Nothing was changed; load the page again.']);
        }

        return $changes;
    }
}
