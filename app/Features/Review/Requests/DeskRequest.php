<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Features\Review\Queries\DeskFilter;
use App\Features\Review\Queries\DeskGrouping;
use App\Features\Review\Queries\WaitingFilter;
use App\Http\Input\Address;
use App\Http\Input\BoundedRequest;

/** The filters of the review page in its address; an invalid value counts as absent. */
final class DeskRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['seen' => ['nullable', 'string', 'max:200']];
    }

    public function filter(): DeskFilter
    {
        $address = Address::of($this);

        return new DeskFilter(
            DeskGrouping::tryFrom($address->text('by')) ?? DeskGrouping::Person,
            WaitingFilter::tryFrom($address->text('show')) ?? WaitingFilter::All,
            $address->text('search'),
            $address->textOrNull('open'),
        );
    }

    public function page(): int
    {
        return Address::of($this)->page();
    }

    public function sheetPage(): int
    {
        return Address::of($this)->page('sheets');
    }

    public function seen(): string
    {
        return $this->string('seen')->toString();
    }
}
