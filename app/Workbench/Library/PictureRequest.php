<?php

declare(strict_types=1);

namespace App\Workbench\Library;

use App\Http\TypedRequest;
use Illuminate\Http\UploadedFile;

/** A file and its description. What the file really is, the intake finds out. */
final class PictureRequest extends TypedRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('edit') ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file'], 'alt' => ['required', 'string', 'max:160']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a file first.',
            'file.*' => 'The file did not arrive whole. It may be over 12 MB; choose a smaller one.',
            'alt.required' => 'Say in a few words what the picture shows, for those who cannot see it.',
            'alt.max' => 'Describe the picture in at most 160 characters.',
        ];
    }

    public function picture(): UploadedFile
    {
        $file = $this->file('file');
        assert($file instanceof UploadedFile);

        return $file;
    }

    public function alt(): string
    {
        return trim((string) preg_replace('/[\x00-\x1F\x7F]/u', ' ', (string) $this->input('alt', '')));
    }
}
