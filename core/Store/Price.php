<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** A price in whole cents, and for how long it is a lower one. */
final readonly class Price
{
    /**
     * @param int $regular cents
     * @param ?int $reduced cents, less than the regular ones; null for never
     * @param ?\DateTimeImmutable $from the first moment it is reduced; null for always so far
     * @param ?\DateTimeImmutable $until the first moment it is no longer; null for as long as wanted
     */
    public function __construct(
        public int $regular,
        public ?int $reduced = null,
        public ?\DateTimeImmutable $from = null,
        public ?\DateTimeImmutable $until = null,
    ) {}

    public function isReducedAt(\DateTimeInterface $moment): bool
    {
        return $this->reduced !== null && $this->reduced < $this->regular
            && ($this->from === null || $moment >= $this->from)
            && ($this->until === null || $moment < $this->until);
    }

    /** @return int cents that are charged */
    public function at(\DateTimeInterface $moment): int
    {
        return $this->isReducedAt($moment) ? (int) $this->reduced : $this->regular;
    }

    /** @return int whole percent that are saved, never more than really are; 0 where it is not reduced */
    public function savedAt(\DateTimeInterface $moment): int
    {
        return $this->isReducedAt($moment) ? intdiv(($this->regular - (int) $this->reduced) * 100, $this->regular) : 0;
    }

    /** The lowest it is sold at. */
    public function lowest(): int
    {
        return min($this->regular, $this->reduced ?? $this->regular);
    }

    /** @param int $more cents on top, or less than nothing; what comes of it is never less than nothing */
    public function plus(int $more): self
    {
        return new self(
            max(0, $this->regular + $more),
            $this->reduced === null ? null : max(0, $this->reduced + $more),
            $this->from,
            $this->until,
        );
    }

    /**
     * What is charged from when on, beginning with now.
     *
     * @return non-empty-list<array{?\DateTimeImmutable, int}> since when, null for the first; cents
     */
    public function course(\DateTimeImmutable $now): array
    {
        $course = [[null, $this->at($now)]];
        $turns = array_filter([$this->from, $this->until], static fn(?\DateTimeImmutable $t): bool => $t !== null && $t > $now);
        sort($turns);
        foreach ($turns as $turn) {
            $cents = $this->at($turn);
            if ($cents !== $course[count($course) - 1][1]) {
                $course[] = [$turn, $cents];
            }
        }

        return $course;
    }
}
