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

    /** @return array<string, mixed> path => value; null brings the original back */
    public function changes(): array
    {
        $several = $this->input('changes');
        if (is_string($several)) {
            return $this->several($several);
        }

        return [(string) $this->input('path') => $this->boolean('original') ? null : (string) $this->input('value', '')];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException when it is not paths and values
     */
    private function several(string $json): array
    {
        $changes = json_decode($json, true, 4);
        if (! is_array($changes) || $changes === [] || array_is_list($changes)) {
            throw ValidationException::withMessages(['An edit is paths and their values. Nothing was changed; load the page again.']);
        }

        return array_combine(array_map(strval(...), array_keys($changes)), array_values($changes));
    }
}
