<?php

declare(strict_types=1);

namespace App\Pictures;

/** The icon files of shops, by the hash of what they are made from; each is made when it is first asked for. */
final class IconShelf
{
    /** @var array<string, true> specifications laid in this request */
    private array $laid = [];

    /**
     * @param string $specs folder the specifications are kept in
     * @param string $public folder the web server finds finished files in
     */
    public function __construct(private readonly string $specs, private readonly string $public, private readonly string $address, private readonly IconMaker $maker) {}

    /** @return string address of the folder its files are in */
    public function lay(IconSpec $spec): string
    {
        $hash = $spec->hash();
        if (! isset($this->laid[$hash]) && ! is_file("$this->specs/$hash.json")) {
            if (! is_dir($this->specs)) {
                mkdir($this->specs, 0o755, true);
            }
            file_put_contents("$this->specs/$hash.json.part", $spec->json());
            rename("$this->specs/$hash.json.part", "$this->specs/$hash.json");
        }
        $this->laid[$hash] = true;

        return "$this->address/$hash";
    }

    /** @return ?array{string, string} type and content; null when there is no such icon */
    public function file(string $hash, string $name): ?array
    {
        $type = IconMaker::FILES[$name] ?? null;
        $spec = "$this->specs/$hash.json";
        if ($type === null || ! preg_match('/^[0-9a-f]{16}$/', $hash) || ! is_file($spec)) {
            return null;
        }
        $content = $this->maker->file(IconSpec::fromJson((string) file_get_contents($spec)), $name);
        $folder = "$this->public/$hash";
        if (! is_dir($folder)) {
            @mkdir($folder, 0o755, true);
        }
        file_put_contents("$folder/$name.part", $content);
        rename("$folder/$name.part", "$folder/$name");

        return [$type, $content];
    }
}
