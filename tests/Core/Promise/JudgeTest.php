<?php

declare(strict_types=1);

namespace Tests\Core\Promise;

use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Checkout\PromotionKind;
use Ikat\Core\Promise\Judge;
use Ikat\Core\Promise\Judged;
use Ikat\Core\Promise\Offers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Messages as shops write them, in four languages: what they promise is found, and nothing else is. Common practice, no source. */
final class JudgeTest extends TestCase
{
    private const TRUE = 'true';
    private const FALSE = 'false';
    private const NONE = 'none';

    /** Message => whether what it promises is kept, on 1 December 2026 in a store that offers what offers() says. */
    private const ENGLISH = [
        'Free shipping over $60' => self::TRUE,
        'Free shipping over $50' => self::FALSE,
        'Free delivery on all orders above $60' => self::TRUE,
        'Free standard shipping from $60.00' => self::TRUE,
        'We pay the postage on orders of $60 or more' => self::TRUE,
        'We pay the postage on orders of $40 or more' => self::FALSE,
        'Orders over $60 ship free' => self::TRUE,
        'Orders over $75 ship free' => self::FALSE,
        'Free shipping on everything' => self::FALSE,
        'Lantern Night orders close Friday noon. Free shipping over $60' => self::TRUE,
        'LANTERN10 takes 10% off' => self::TRUE,
        'LANTERN10 takes a tenth off' => self::TRUE,
        'LANTERN10 takes 15% off' => self::FALSE,
        '20% off with LANTERN10' => self::FALSE,
        'Save 10% with code LANTERN10 until May 1' => self::TRUE,
        'Save 10% with code LANTERN10 until December 31, 2027' => self::FALSE,
        'LUMEN15 for 15% off' => self::FALSE,
        'Use code NOSUCH at checkout' => self::FALSE,
        'GLOW5 takes $5 off orders over $25' => self::TRUE,
        'GLOW5 takes $8 off orders over $25' => self::FALSE,
        'GLOW5 takes $5 off orders over $20' => self::FALSE,
        '$5 off when you spend $25' => self::TRUE,
        'Save $12 today' => self::FALSE,
        'FREEPOST7 for free delivery' => self::TRUE,
        'LANTERN10 for free delivery' => self::FALSE,
        'THAW20 takes 20% off from February 1' => self::TRUE,
        'THAW20 takes 20% off' => self::FALSE,
        'Up to 30% off candles' => self::TRUE,
        'Up to 50% off everything' => self::FALSE,
        'Up to a third off until Sunday' => self::FALSE,
        'Express delivery for $14.50' => self::TRUE,
        'Express delivery for $9.90' => self::FALSE,
        'The offer ended. Only until November 3' => self::FALSE,
        'Order by December 18' => self::TRUE,
        '15% off. Use LANTERN10.' => self::FALSE,
        '10% off this week. Code: LANTERN10' => self::TRUE,
        '100% cotton cords, made by hand' => self::NONE,
        'Lanterns from $12' => self::NONE,
        'The workshop is open Wednesday to Saturday' => self::NONE,
        'New: the River collection' => self::NONE,
        'Light for the long evenings' => self::NONE,
        'Made by hand in Aldermouth since 1987' => self::NONE,
        'Standard post is free from sixty dollars.' => self::NONE,
        '3 sizes, 12 colors, 1 pattern' => self::NONE,
        'We reply within 2 days' => self::NONE,
        'LED lamps, 2200 K, 220 lumen' => self::NONE,
    ];
    private const GERMAN = [
        'Versandkostenfrei ab 60 €' => self::TRUE,
        'Versandkostenfrei ab 50 €' => self::FALSE,
        'Kostenloser Versand ab einem Bestellwert von 60,00 €' => self::TRUE,
        'Gratisversand über 60 €' => self::TRUE,
        'Ab 45 € liefern wir kostenlos' => self::FALSE,
        'Kostenlose Lieferung für alle' => self::FALSE,
        'Mit LANTERN10 10 % Rabatt' => self::TRUE,
        'Mit LANTERN10 20 % Rabatt' => self::FALSE,
        'LUMEN15: 15 % auf alles' => self::FALSE,
        'LANTERN10 gibt ein Zehntel Rabatt bis zum 1. Mai' => self::TRUE,
        'LANTERN10 gibt 10 % Rabatt bis zum 31. Dezember 2027' => self::FALSE,
        'GLOW5: 5 € Rabatt ab 25 €' => self::TRUE,
        'GLOW5: 7,50 € Rabatt ab 25 €' => self::FALSE,
        'Bis zu 30 % reduziert' => self::TRUE,
        'Bis zu 60 % reduziert' => self::FALSE,
        'Expresslieferung für 14,50 €' => self::TRUE,
        'Expresslieferung 9,90 €' => self::FALSE,
        'Nur noch bis 3. November' => self::FALSE,
        'Bestellungen für das Lichterfest bis 18. Dezember' => self::TRUE,
        'Gutscheincode NOSUCH' => self::FALSE,
        'Dochte aus 100 % Baumwolle' => self::NONE,
        'Laternen ab 12 €' => self::NONE,
        'Die Werkstatt ist mittwochs bis samstags offen' => self::NONE,
        'Von Hand gefaltet seit 1987' => self::NONE,
        'Neu: die Fluss-Kollektion' => self::NONE,
    ];
    private const FRENCH = [
        'Livraison offerte dès 60 €' => self::TRUE,
        'Livraison offerte dès 50 €' => self::FALSE,
        'Livraison gratuite à partir de 60,00 € d’achat' => self::TRUE,
        'Frais de port offerts pour toute commande de plus de 60 €' => self::TRUE,
        'Frais de port offerts pour toute commande de plus de 80 €' => self::FALSE,
        'Livraison gratuite sur tout le site' => self::FALSE,
        '10 % de réduction avec le code LANTERN10' => self::TRUE,
        '25 % de réduction avec le code LANTERN10' => self::FALSE,
        'LUMEN15 : 15 % de remise' => self::FALSE,
        'LANTERN10 : un dixième de réduction jusqu’au 1er mai' => self::TRUE,
        'LANTERN10 : 10 % de réduction jusqu’au 31 décembre 2027' => self::FALSE,
        'GLOW5 : 5 € de remise dès 25 €' => self::TRUE,
        'GLOW5 : 6 € de remise dès 25 €' => self::FALSE,
        'Soldes : jusqu’à 30 % de moins' => self::TRUE,
        'Soldes : jusqu’à 70 % de moins' => self::FALSE,
        'Livraison express pour 14,50 €' => self::TRUE,
        'Livraison express : 8 €' => self::FALSE,
        'Seulement jusqu’au 3 novembre' => self::FALSE,
        'Commandez avant le 18 décembre' => self::TRUE,
        'Code promo NOSUCH' => self::FALSE,
        'Mèches 100 % coton' => self::NONE,
        'Lanternes à partir de 12 €' => self::NONE,
        'L’atelier est ouvert du mercredi au samedi' => self::NONE,
        'Pliées à la main depuis 1987' => self::NONE,
        'Nouveau : la collection Rivière' => self::NONE,
    ];
    private const SPANISH = [
        'Envío gratis desde 60 €' => self::TRUE,
        'Envío gratis desde 50 €' => self::FALSE,
        'Envío gratuito en pedidos superiores a 60 €' => self::TRUE,
        'Gastos de envío gratis a partir de 60,00 €' => self::TRUE,
        'Gastos de envío gratis a partir de 35,00 €' => self::FALSE,
        'Envío gratis en toda la tienda' => self::FALSE,
        '10 % de descuento con el código LANTERN10' => self::TRUE,
        '30 % de descuento con el código LANTERN10' => self::FALSE,
        'LUMEN15: 15 % de descuento' => self::FALSE,
        'LANTERN10: un décimo de descuento hasta el 1 de mayo' => self::TRUE,
        'LANTERN10: 10 % de descuento hasta el 31 de diciembre de 2027' => self::FALSE,
        'GLOW5: 5 € de descuento desde 25 €' => self::TRUE,
        'GLOW5: 9 € de descuento desde 25 €' => self::FALSE,
        'Rebajas: hasta un 30 % menos' => self::TRUE,
        'Rebajas: hasta un 80 % menos' => self::FALSE,
        'Entrega exprés por 14,50 €' => self::TRUE,
        'Entrega exprés por 5 €' => self::FALSE,
        'Solo hasta el 3 de noviembre' => self::FALSE,
        'Pedidos hasta el 18 de diciembre' => self::TRUE,
        'Código NOSUCH' => self::FALSE,
        'Mechas de 100 % algodón' => self::NONE,
        'Faroles desde 12 €' => self::NONE,
        'El taller abre de miércoles a sábado' => self::NONE,
        'Hechos a mano desde 1987' => self::NONE,
        'Nuevo: la colección del río' => self::NONE,
    ];

    private static function offers(string $currency = 'USD'): Offers
    {
        $at = static fn(string $day): \DateTimeImmutable => new \DateTimeImmutable("$day 00:00", new \DateTimeZone('America/New_York'));

        return new Offers(
            [
                1 => new Promotion('LANTERN10', PromotionKind::Percent, 10, 0, $at('2026-11-01'), $at('2027-09-01')),
                2 => new Promotion('LUMEN15', PromotionKind::Percent, 15, 0, $at('2026-02-01'), $at('2026-03-04')),
                3 => new Promotion('GLOW5', PromotionKind::Amount, 500, 2500, null, null),
                4 => new Promotion('THAW20', PromotionKind::Percent, 20, 0, $at('2027-02-01'), $at('2027-03-01')),
                5 => new Promotion('FREEPOST7', PromotionKind::Delivery, 0, 0, null, null),
            ],
            [
                1 => ['name' => 'Standard post', 'price' => 650, 'freeFrom' => 6000, 'isCollected' => false],
                2 => ['name' => 'Express cart', 'price' => 1450, 'freeFrom' => null, 'isCollected' => false],
                3 => ['name' => 'Collect at the mill', 'price' => 0, 'freeFrom' => null, 'isCollected' => true],
            ],
            [['from' => null, 'until' => null, 'percent' => 30.0], ['from' => $at('2027-01-01'), 'until' => null, 'percent' => 70.0]],
            new \DateTimeImmutable('2026-12-01 15:00', new \DateTimeZone('UTC')),
            new \DateTimeZone('America/New_York'),
            $currency,
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function messages(): iterable
    {
        foreach ([...self::ENGLISH, ...self::GERMAN, ...self::FRENCH, ...self::SPANISH] as $message => $expected) {
            yield $message => [$message, $expected];
        }
    }

    #[DataProvider('messages')]
    public function testAPromiseIsFoundAndJudged(string $message, string $expected): void
    {
        $judged = (new Judge(self::offers(str_contains($message, '€') ? 'EUR' : 'USD')))->of($message);
        $found = match (true) {
            $judged === [] => self::NONE,
            array_filter($judged, static fn(Judged $j): bool => ! $j->isTrue) === [] => self::TRUE,
            default => self::FALSE,
        };
        self::assertSame($expected, $found, json_encode($judged, JSON_UNESCAPED_UNICODE) ?: '');
    }

    public function testThereAreAHundredAndTwentyOfThem(): void
    {
        self::assertGreaterThanOrEqual(120, iterator_count(self::messages()));
    }
}
