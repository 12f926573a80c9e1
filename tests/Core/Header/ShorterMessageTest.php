<?php

declare(strict_types=1);

namespace Tests\Core\Header;

use Ikat\Core\Header\ShorterMessage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shorter writings say the same: common practice, no source. */
final class ShorterMessageTest extends TestCase
{
    /** @return iterable<string, array{string, string}> message and one of its shorter writings */
    public static function messages(): iterable
    {
        yield 'orders' => ['Free shipping on all orders above $60!', 'Free shipping over $60'];
        yield 'percent' => ['10 percent off for members and friends', '10% off for members & friends'];
        yield 'days' => ['The workshop is open Wednesday to Saturday', 'The workshop is open Wed to Sat'];
        yield 'months' => ['Open from November to February', 'Open from Nov to Feb'];
        yield 'two sentences' => ['Order by Friday noon. Free shipping over $60', 'Order by Fri noon'];
        yield 'German' => ['Versandkostenfrei ab einem Bestellwert von 60 €', 'Versandkostenfrei ab 60 €'];
        yield 'French' => ['Livraison offerte pour toute commande de plus de 60 €', 'Livraison offerte dès 60 €'];
        yield 'Spanish' => ['Envío gratis en todos los pedidos superiores a 60 €', 'Envío gratis desde 60 €'];
    }

    #[DataProvider('messages')]
    public function testAMessageIsSaidInFewerLetters(string $message, string $shorter): void
    {
        self::assertContains($shorter, ShorterMessage::of($message));
    }

    #[DataProvider('messages')]
    public function testEachIsShorterThanTheOneBefore(string $message): void
    {
        foreach (ShorterMessage::of($message) as $shorter) {
            self::assertLessThan(mb_strlen($message), mb_strlen($shorter));
            $message = $shorter;
        }
    }

    public function testWhatIsShortStays(): void
    {
        self::assertSame([], ShorterMessage::of('New lanterns'));
    }
}
