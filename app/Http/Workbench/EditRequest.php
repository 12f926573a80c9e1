<?php

declare(strict_types=1);

namespace App\Http\Workbench;

use Illuminate\Foundation\Http\FormRequest;

/** An edit as the bench sends it: one path and value, or several as JSON. */
final class EditRequest extends FormRequest
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
            return (array) json_decode($several, true, 4);
        }

        return [(string) $this->input('path') => $this->boolean('original') ? null : (string) $this->input('value', '')];
    }
}
