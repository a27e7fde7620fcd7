<?php

declare(strict_types=1);

namespace Tests\App\Projects;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Made to be awkward: codes shared by people and teams, numeric codes, people without a role, team or rate, rates that
 * begin in the middle, tasks without dates or with too much assigned, entries of strangers, remaining estimates on one day.
 */
final class AwkwardData
{
    private const PEOPLE = ['ada', 'bo', '007', 'field', 'x.y_z-1', 'nobody'];

    private const TASKS = ['A', 'B', '10', 'z', 'unassigned'];

    /** @return array<string, string> contents by file name */
    public static function files(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $day = static fn (): string => date('Y-m-d', strtotime('2026-05-01') + 86400 * $random->getInt(0, 80));
        $pick = static fn (array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
        $further = new Randomizer(new Mt19937(100 + $seed));
        $billable = static fn (): string => ['', '', 'yes', 'no'][$further->getInt(0, 3)];
        $tasks = "project,task,name,phase,planned,budget,starts_on,ends_on,done_on,billable\n";
        $assignments = [];
        $entries = [];
        $estimates = [];
        foreach (['P', '2', 'p-3'] as $project) {
            foreach (self::TASKS as $task) {
                [$first, $last] = [$day(), $day()];
                $planned = $pick(['', '', '0', '7', '10:05', '160']);
                $done = $random->getInt(0, 5) === 0 ? $day() : '';
                $dates = $random->getInt(0, 2) === 0 ? ',' : min($first, $last).','.max($first, $last);
                $tasks .= "$project,$task,Task $task,".$pick(['', 'Survey', 'Works']).",$planned,".$pick(['', '0', '999.99', '12345.6']).",$dates,$done,".$billable()."\n";
                $assignees = [];
                for ($count = $random->getInt(0, 4); $count > 0; $count--) {
                    [$first, $last] = [$day(), $day()];
                    $team = $random->getInt(0, 3) === 0 ? $pick(['field', '42']) : '';
                    $person = $team === '' ? $pick(self::PEOPLE) : '';
                    $assignees[$team === '' ? $person : 't'.$team] = true;
                    $key = "$project,$task,$person,$team,".$pick(['', 'r1', 'r2', 'r3']);
                    $first = min($first, $last);
                    $assignments[$key.','.$first] ??= "$key,".$pick(['0', '0:05', '7', '24', '16:20', '333.33']).",$first,".max($first, $last);
                }
                for ($count = $random->getInt(0, 25); $count > 0; $count--) {
                    $key = $pick(self::PEOPLE).",$project,$task,".$pick(['', 'r1', 'r3']).','.$day();
                    $entries[$key] = "$key,".$pick(['0:01', '0:05', '50m', '1.33', '8', '7:59', '24']).','.$pick(['draft', 'submitted', 'approved', 'returned', 'settled']).','.$billable();
                }
                foreach (self::PEOPLE as $person) {
                    $isHeld = isset($assignees[$person]) || (isset($assignees['tfield']) && in_array($person, ['ada', 'bo'], true)) || (isset($assignees['t42']) && $person === '007');
                    for ($count = $isHeld ? $random->getInt(0, 3) : 0; $count > 0; $count--) {
                        $key = "$person,$project,$task,".$day();
                        $estimates[$key] ??= "$key,".$pick(['0', '3:10', '55', '8']).','.$pick(['yes', 'no', 'no', 'no']);
                    }
                }
            }
        }

        $absences = [];
        foreach (self::PEOPLE as $person) {
            for ($count = $random->getInt(0, 30); $count > 0; $count--) {
                $key = $person.','.$day();
                $absences[$key] = $key.','.$pick(['', '4', '1:15', '12', '0:20']).',Leave';
            }
        }

        return [
            'organisation.csv' => "key,value\npattern,8 8 8 8 6 0 0\ncalendar,main\napproval,line\n",
            'calendars.csv' => "calendar,date,name,part\nmain,2026-05-25,One,\nmain,2026-06-17,Half,0.5\nisle,2026-06-01,Isle,0.33\n",
            'teams.csv' => "team,name\nfield,Field\n42,Forty-two\n",
            'roles.csv' => "role,name\nr1,One\nr2,Two\nr3,Three\n",
            'people.csv' => "person,name,email,team,role,calendar,pattern,starts_on,ends_on\nada,Ada,ada@x.example,field,r1,isle,,,\nbo,Bo,bo@x.example,field,,,4 4 0 8:20 1.33 0 2,,\n007,Seven,seven@x.example,42,r2,,,2026-05-20,2026-06-24\nfield,Field,field@x.example,,r1,,0 0 0 0 0 0 0,,\nx.y_z-1,Xyz,xyz@x.example,,r3,,,,\nnobody,Nobody,nobody@x.example,,,,,,\n",
            'rates.csv' => "person,role,from,cost_rate,bill_rate\n,r1,2026-01-01,87.65,140\n,r1,2026-06-10,91.2375,151.99\nada,r2,2026-05-20,50,\nada,,2026-06-01,33.33,66.67\n007,,2026-06-15,0.01,0.03\n,r2,2026-01-01,100,\n",
            'clients.csv' => "client,name\nc1,One\n",
            'projects.csv' => "project,name,client,manager,starts_on,ends_on,billable\nP,P,c1,ada,2026-05-01,2026-07-31,yes\n2,Two,,bo,2026-06-01,2026-06-30,no\np-3,Three,c1,007,,,\n",
            'tasks.csv' => $tasks,
            'assignments.csv' => "project,task,person,team,role,planned,starts_on,ends_on\n".implode("\n", $assignments)."\n",
            'entries.csv' => "person,project,task,role,date,hours,state,billable\n".implode("\n", $entries)."\n",
            'absences.csv' => "person,date,hours,kind\n".implode("\n", $absences)."\n",
            'remaining_estimates.csv' => "person,project,task,on,remaining,done\n".implode("\n", $estimates)."\n",
        ];
    }
}
