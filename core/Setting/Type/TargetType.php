<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** Where a link leads: a page of the shop, or an address on the web. */
final readonly class TargetType extends SettingType
{
    public const MOST = 300;

    /** @param bool $isWeb an address on the web, and not one within the shop */
    public function __construct(public bool $isWeb = false) {}

    public static function name(): string
    {
        return 'target';
    }

    /** @throws UnacceptableValue */
    public function normalize(Setting $setting, mixed $value): string
    {
        $address = TextType::clean($setting, $value);
        if (mb_strlen($address) > self::MOST) {
            throw UnacceptableValue::because(
                $setting,
                $value,
                sprintf(
                    'this has %d characters, at most %d fit. Shorten it by %d.',
                    mb_strlen($address),
                    self::MOST,
                    mb_strlen($address) - self::MOST,
                ),
            );
        }

        return $this->isWeb ? $this->web($setting, $address) : $this->page($setting, $address);
    }

    public function neutral(): string
    {
        return '';
    }

    public function facts(): array
    {
        return ['most' => (float) self::MOST, 'of' => $this->isWeb ? 'web' : 'shop'];
    }

    /** @throws UnacceptableValue */
    private function page(Setting $setting, string $address): string
    {
        if (preg_match('#^(/[a-z0-9/_-]*(\?[a-z0-9=&_%+-]*)?)?$#', $address) !== 1 || str_contains($address, '//')) {
            throw UnacceptableValue::because(
                $setting,
                $address,
                sprintf('“%s” is not a page of the shop. Choose one from the list, such as /page/about-us.', self::quote($address)),
            );
        }

        return $address;
    }

    /**
     * Only what a browser opens as a page: a javascript: or data: address would run what somebody else wrote.
     *
     * @throws UnacceptableValue
     */
    private function web(Setting $setting, string $address): string
    {
        if ($address === '') {
            return '';
        }

        return self::onTheWeb($address) ?? throw UnacceptableValue::because(
            $setting,
            $address,
            sprintf('“%s” is not a web address. Write one such as https://shop.example/', self::quote($address)),
        );
    }

    /** The whole of an address on the web; null for what is none, or is too long. */
    public static function onTheWeb(string $typed): ?string
    {
        // As people write one, "shop.example/news": a name with a dot, and no scheme before it.
        $whole = preg_match('#^[a-z0-9-]+(\.[a-z0-9-]+)*\.[a-z]{2,}(:\d{1,5})?([/?\#]\S*)?$#i', $typed) === 1
            ? "https://$typed"
            : $typed;

        return preg_match('#^https?://[^\s<>"\']+$#i', $whole) === 1 && filter_var($whole, FILTER_VALIDATE_URL) !== false
            && mb_strlen($whole) <= self::MOST ? $whole : null;
    }

    /** Whether a link leads out of the shop. */
    public static function isOnTheWeb(string $address): bool
    {
        return preg_match('#^https?://#i', $address) === 1;
    }
}
