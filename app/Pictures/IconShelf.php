<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\WholeFile;

/** The icon files of shops, by the hash of what they are made from; each is made when it is first asked for. */
final class IconShelf
{
    /** @var array<string, true> specifications laid in this request */
    private array $laid = [];

    /**
     * @param string $specs folder the specifications are kept in
     * @param string $public folder the web server finds finished files in
     */
    public function __construct(
        private readonly string $specs,
        private readonly string $public,
        private readonly string $address,
        private readonly IconMaker $maker,
    ) {}

    /** @return string address of the folder its files are in */
    public function lay(IconSpec $spec): string
    {
        $hash = $spec->hash();
        if (! isset($this->laid[$hash]) && ! is_file("$this->specs/$hash.json")) {
            // A page is shown without its icons rather than not at all: a folder that is full is no reason to fail.
            WholeFile::put("$this->specs/$hash.json", $spec->json(), 0o755);
        }
        $this->laid[$hash] = true;

        return $this->address($spec);
    }

    /** Address of the folder its files are in, laid or not. */
    public function address(IconSpec $spec): string
    {
        return "$this->address/{$spec->hash()}";
    }

    /** @return ?array{string, string} type and content; null when there is no such icon */
    public function file(string $hash, string $name): ?array
    {
        $type = IconMaker::FILES[$name] ?? null;
        $spec = "$this->specs/$hash.json";
        if ($type === null || ! preg_match('/^[0-9a-f]{16}$/D', $hash) || ! is_file($spec)) {
            return null;
        }
        $content = $this->maker->file(IconSpec::fromJson((string) file_get_contents($spec)), $name);
        WholeFile::put("$this->public/$hash/$name", $content, 0o755);

        return [$type, $content];
    }
}
