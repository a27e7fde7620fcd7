<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Compare\Files\ComparisonHeading;
use App\Features\Compare\Files\ComparisonLines;
use App\Features\Compare\Files\CsvComparison;
use App\Features\Compare\Files\FindingWords;
use App\Features\Compare\Files\PdfComparison;
use App\Features\Compare\Mail\ComparisonMail;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonAddress;
use App\Features\Compare\Queries\ComparisonReport;
use App\Models\ComparisonMailing;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\SavedComparison;
use App\Support\Clock\Today;
use App\Support\Language\ReaderLanguage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use Moss\Core\Calendar\Day;

/**
 * Mails a saved comparison to one of its readers, as PDF and CSV with what they may see. Figures are made before the lock is
 * taken; mailing and remembering it are one transaction, so that nothing goes twice.
 */
final readonly class MailComparison
{
    public function __construct(private ComparisonReport $report, private PdfComparison $pdf, private Today $today, private AuditTrail $auditTrail)
    {
    }

    /** @param  Day  $due  for which it is; what was sent on it or after is not sent again */
    public function handle(int $comparison, int $person, Day $due): void
    {
        $reader = Person::query()->findOrFail($person);
        $saved = SavedComparison::query()->readableBy($reader)->find($comparison);
        // Whoever may not read it any more, or not sign in, gets nothing; and is told nothing.
        if (! $saved instanceof SavedComparison || ! $reader->hasAccess($this->today->for($reader)) || Gate::forUser($reader)->denies('compare', $reader)) {
            return;
        }
        $mail = ReaderLanguage::of($reader, fn (): ComparisonMail => $this->mail($saved, $reader));
        ReaderLanguage::of($reader, fn () => DB::transaction(function () use ($comparison, $reader, $due, $mail): void {
            $isFirst = ComparisonMailing::query()->where('saved_comparison_id', $comparison)->where('person_id', $reader->id)->where('sent_on', '<', $due->toString())->update(['sent_on' => $due->toString()]);
            if ($isFirst === 1) {
                Mail::to($reader->email)->send($mail);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Comparison, $mail->heading->title, 'send', null, null, null, $reader->id)]);
            }
        }));
    }

    private function mail(SavedComparison $saved, Person $reader): ComparisonMail
    {
        $asked = ComparisonAddress::saved($saved->address)->question($reader, $this->today->for($reader));
        $lines = ComparisonLines::of($this->report, ComparableWork::of($reader), $asked);
        $heading = ComparisonHeading::of($asked, $reader, $this->today->now(), $saved->name);
        $csv = implode('', iterator_to_array(CsvComparison::lines($lines), false));

        return new ComparisonMail(
            $reader->name, $heading, FindingWords::of($lines->total(), $asked->standingOf($lines->total()), $reader), route('comparisons.open', $saved),
            Str::slug($saved->name).'-'.$asked->terms->days->first()->toString().'-to-'.$asked->terms->days->last()->toString(),
            $this->pdf->of($lines, $heading, Organisation::query()->sole()->currency), $csv,
        );
    }
}
