<?php

declare(strict_types=1);

namespace App\Storeroom;

/**
 * The paying stand-in: no money moves. It does what the customer tells it to, so that every outcome can be seen.
 */
final class SimulatedPayments
{
    /** Seconds a real till would be waited for; the stand-in waits a moment, then says the time has run out. */
    private const PATIENCE = 0.4;

    /**
     * @param int $cents what to take
     *
     * @return string the till's receipt number
     *
     * @throws PaymentDeclined when the card is declined
     * @throws PaymentUnanswered when no answer came in time; nothing was taken
     */
    public function take(string $outcome, int $cents): string
    {
        if ($outcome === 'decline') {
            throw new PaymentDeclined('The card was declined. Nothing was taken. Try another card.');
        }
        if ($outcome === 'silence') {
            usleep((int) (self::PATIENCE * 1_000_000));

            throw new PaymentUnanswered('The till did not answer in time. Nothing was taken and your order is still here. Try again.');
        }

        return sprintf('practice-%s-%d', bin2hex(random_bytes(4)), $cents);
    }
}
