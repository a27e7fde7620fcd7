<?php

declare(strict_types=1);

namespace App\Features\Compare\Controllers;

use App\Features\Compare\Queries\ComparisonFile;
use App\Features\Compare\Queries\ComparisonPage;
use App\Features\Compare\Requests\CompareRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class CompareController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, CompareRequest $request, ComparisonPage $page): Response
    {
        Gate::authorize('compare', $reader);
        $today = $this->today->for($reader);

        return Inertia::render('Compare', ['comparison' => $page->of($reader, $request->question($today), $today)]);
    }

    public function file(#[CurrentUser] Person $reader, CompareRequest $request, ComparisonFile $file): StreamedResponse
    {
        Gate::authorize('compare', $reader);
        $today = $this->today->for($reader);
        $question = $request->question($today);
        $name = sprintf('comparison-%s-%s-to-%s.csv', $question->by->value, $question->days->first()->toString(), $question->days->last()->toString());

        return response()->streamDownload(static function () use ($file, $reader, $question, $today): void {
            foreach ($file->lines($reader, $question, $today) as $line) {
                echo $line;
            }
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
