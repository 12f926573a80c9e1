<?php

declare(strict_types=1);

namespace App\Pictures;

/** Everything a shop's icons are made from. Icons of the same specification are the same files. */
final readonly class IconSpec
{
    /**
     * @param ?ShopPicture $picture the mark, or what a part of is; null for letters
     * @param string $letters one or two
     * @param string $font address of a font's file
     * @param array{int, int, int}|null $region left and top in percent of the picture, size in percent of its height
     * @param string $ground hex
     * @param string $ink hex
     * @param string $form square, rounded or circle
     * @param int $space percent of the icon's width on each side
     * @param ?ShopPicture $mail the logo of e-mails; null for the shop's name in letters
     * @param int $mailSize px of its height
     * @param string $mailInk hex
     */
    public function __construct(
        public ?ShopPicture $picture,
        public string $letters,
        public string $font,
        public ?array $region,
        public string $ground,
        public string $ink,
        public string $form,
        public int $space,
        public string $name,
        public string $start,
        public ?ShopPicture $mail,
        public int $mailSize,
        public string $mailInk,
    ) {}

    public function json(): string
    {
        return json_encode(
            [...get_object_vars($this), 'picture' => $this->picture?->toArray(), 'mail' => $this->mail?->toArray()],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    public static function fromJson(string $json): self
    {
        $row = json_decode($json, true, 8, JSON_THROW_ON_ERROR);

        $picture = static fn(?array $p): ?ShopPicture => $p === null ? null : ShopPicture::fromArray($p);

        return new self(...[...$row, 'picture' => $picture($row['picture']), 'mail' => $picture($row['mail'])]);
    }

    public function hash(): string
    {
        return substr(hash('sha256', $this->json()), 0, 16);
    }
}
