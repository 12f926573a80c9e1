<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Database\Transaction;
use App\Models\Mail;
use App\Models\NewsletterSubscriber;
use App\Models\StoreEdit;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Support\Facades\DB;

/**
 * Forgets addresses for good, as their owners may ask (GDPR, article 17): on the lists, in letters that were kept, and in the
 * journal. What stands in an order stays, because the order does.
 */
final class ForgetAddress
{
    public function __construct(private readonly TouchedColumns $touched) {}

    /**
     * @param list<int> $ids
     *
     * @return int how many were there
     */
    public function __invoke(array $ids): int
    {
        return Transaction::run(function () use ($ids): int {
            $emails = NewsletterSubscriber::query()->whereKey($ids)->pluck('email', 'id')->all();
            foreach ($emails as $email) {
                Mail::query()->where('to', $email)->where('subject', 'like', '%: is this your address?')->delete();
                $this->outOfTheJournal((string) $email);
            }
            NewsletterSubscriber::query()->whereKey(array_keys($emails))->delete();
            DB::afterCommit(fn() => $this->touched->touchColumns(RecordKinds::ADDRESSES, [TouchedColumns::RECORDS]));

            return count($emails);
        });
    }

    private function outOfTheJournal(string $email): void
    {
        $parts = DB::table('store_edit_parts')
            ->whereIn('store_edit_id', StoreEdit::query()->select('id'))
            ->where('changes', 'like', '%'.addcslashes((string) json_encode($email, JSON_UNESCAPED_UNICODE), '\\%_').'%')
            ->get(['id', 'changes']);
        foreach ($parts as $part) {
            $left = array_values(array_filter(
                json_decode($part->changes, true, 16, JSON_THROW_ON_ERROR),
                static fn(array $change): bool => $change[0] !== RecordKinds::ADDRESSES
                    || ! in_array($email, [$change[2], $change[3]['email'] ?? '', $change[4]['email'] ?? ''], true),
            ));
            DB::table('store_edit_parts')->where('id', $part->id)->update(
                ['changes' => json_encode($left, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)],
            );
        }
        StoreEdit::query()->where(
            'label',
            'like',
            '%'.addcslashes($email, '\\%_').'%',
        )->update(['label' => 'an address that was forgotten']);
    }
}
