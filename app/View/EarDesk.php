<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Judge\BoomStudy;
use FineFrame\Judge\CableRun;
use FineFrame\Judge\LevelPlan;
use FineFrame\Judge\LinkReach;
use FineFrame\Judge\QuietHours;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Delay;
use FineFrame\Sound\Ear;
use FineFrame\Sound\Material;

/** Every microphone as the page shows it: what it hears, what it gives, where its cable runs; and what frames cost a boom. */
final readonly class EarDesk
{
    public function __construct(private Situation $situation, private Phrase $phrase, private Reader $reader)
    {
    }

    /**
     * @return list<array{name: string, model: string, for: string, where: string, distance: string, level: string, bands: list<string>, cover: string}>
     */
    public function ears(): array
    {
        return array_values(array_map(function (Ear $ear): array {
            $voice = $this->situation->voices()[$ear->subject] ?? null;
            $aside = fn (int $band): string => $ear->model->pickupAt($band)->levelDb(M_PI / 2) === null ? 'none' : $this->db(
                $ear->model->pickupAt($band)->levelDb(M_PI / 2),
            );

            return [
                'name' => $ear->name,
                'model' => $ear->model->name,
                'for' => $ear->subject === '' ? 'the room' : $this->situation->name($ear->subject),
                'where' => $ear->isBoom() ? 'boom' : $ear->worn,
                'distance' => $voice === null ? '' : $this->reader->metres($ear->at->distanceTo($voice->at)),
                'level' => $voice === null ? '' : $this->db($ear->hears($voice->at, $voice->dbAt1m)),
                'bands' => array_map($aside, array_keys(Material::BANDS_HZ)),
                'cover' => $ear->cover,
            ];
        }, $this->situation->ears()));
    }

    /** @return list<string> */
    public static function bandNames(): array
    {
        return array_map(static fn (int $hz): string => $hz < 1000 ? "$hz Hz" : ($hz / 1000).' kHz', Material::BANDS_HZ);
    }

    /**
     * @return list<array{name: string, nearest: string, limit: string, costs: list<string>, won: string, mend: string, edit: string}> what
     *     frames cost each boom, and what a lower one gives back
     */
    public function booms(): array
    {
        $all = [];
        foreach ($this->situation->scene->booms as $id => $boom) {
            $study = new BoomStudy($this->situation, $boom);
            $nearest = $study->nearest();
            $won = $study->wonBack();
            $focal = fn (string $camera): string => $this->reader->print(
                Quantity::of($this->situation->setup->cameras[$camera]->placement->focalMm, Unit::Millimetre),
            );
            $all[] = [
                'name' => $this->situation->name($id),
                'nearest' => $nearest === null
                    ? 'nowhere'
                    : $this->reader->metres($nearest->distanceM).' from the mouth, '.$this->reader->metres($nearest->tip->z).' high',
                'limit' => $nearest?->limitedBy === null ? 'no frame' : $this->situation->name($nearest->limitedBy),
                'costs' => array_map(
                    fn (
                        string $camera,
                        float $cost,
                    ): string => $this->situation->name($camera).'’s '.$focal($camera).' costs '.$this->db($cost),
                    array_map(strval(...), array_keys($study->costs())),
                    array_values($study->costs()),
                ),
                'won' => $won === null ? '' : $this->db($won[0]),
                'mend' => $won === null ? '' : $this->phrase->mend($won[1]),
                'edit' => $won === null ? '' : (string) json_encode($won[1]->edit->values),
            ];
        }

        return $all;
    }

    /**
     * @return list<array{source: string, voice: string, recorder: string, input: string, level: string, gives: string, gain: string, headroom: string, hiss: string, float: bool}>
     */
    public function levels(): array
    {
        return array_map(fn (LevelPlan $p): array => [
            'source' => $p->ear->name,
            'voice' => $p->voice->name,
            'recorder' => $p->track->text('recorder'),
            'input' => $p->track->number('input') === null ? '' : (string) (int) $p->track->number('input'),
            'level' => $this->db($p->meanDb),
            'gives' => round($p->level->meanDbu).' dBu',
            'gain' => $this->db($p->level->gainDb),
            'headroom' => $this->db($p->level->headroomDb()),
            'hiss' => $this->db($p->overHissDb()),
            'float' => $p->isFloat(),
        ], LevelPlan::allOf($this->situation));
    }

    /** @return list<array{input: string, recorder: string, voice: string, source: string}> every track by recorder and input */
    public function plot(): array
    {
        $rows = array_map(
            fn (Record $t): array => [
                'input' => $t->number('input') === null ? '' : (string) (int) $t->number('input'),
                'recorder' => $t->text('recorder'),
                'voice' => $this->situation->name($t->text('voice')),
                'source' => $t->text('source'),
            ],
            $this->situation->setup->setup->list('tracks'),
        );
        usort($rows, static fn (array $a, array $b): int => [$a['recorder'], (int) $a['input']] <=> [$b['recorder'], (int) $b['input']]);

        return $rows;
    }

    /** @return list<array{from: string, to: string, need: string, leads: string, adapter: string, doors: string}> */
    public function cables(): array
    {
        return array_map(fn (CableRun $r): array => [
            'from' => $r->from,
            'to' => $r->to,
            'need' => $this->reader->metres($r->needM),
            'leads' => implode(' and ', array_map(static fn ($l): string => $l->text('name'), $r->leads)) ?: 'no signal',
            'adapter' => $r->adapter ?: 'none',
            'doors' => implode(', ', $r->doors) ?: 'none',
        ], CableRun::allOf($this->situation));
    }

    /** @return list<array{link: string, distance: string, walls: string, bodies: string, received: string, margin: string}> */
    public function links(): array
    {
        return array_map(fn (LinkReach $r): array => [
            'link' => $r->link->text('name'),
            'distance' => $this->reader->metres($r->pack->distanceTo($r->antenna)),
            'walls' => implode(', ', $r->walls) ?: 'none',
            'bodies' => (string) $r->bodies,
            'received' => round($r->path->receivedDbm).' dBm',
            'margin' => $this->db($r->path->marginDb()),
        ], LinkReach::allOf($this->situation));
    }

    /**
     * @return array{steps: list<array{clock: string, noise: string, margin: string, share: float, quiet: bool}>, windows: list<string>} the
     *     noise over the day, by the hour, and its quiet stretches
     */
    public function quiet(): array
    {
        $hours = QuietHours::of($this->situation);
        $limit = $this->situation->limits->get('noise_watch_db');

        return [
            'steps' => array_map(fn (array $s): array => [
                'clock' => $s['clock'],
                'noise' => $s['noise'] === null ? 'none' : $this->reader->print(Quantity::of($s['noise'], Unit::LevelA)),
                'margin' => $s['margin'] === null ? '' : $this->db($s['margin']),
                'share' => $s['noise'] === null ? 0.0 : min(1.0, $s['noise'] / 70),
                'quiet' => $s['noise'] === null || ($s['margin'] !== null && $s['margin'] >= $limit),
            ],
                array_values(
                    array_filter(
                        $hours->day(),
                        static fn (array $s): bool => str_ends_with($s['clock'], ':00') || str_ends_with($s['clock'], ':30'),
                    ),
                )),
            'windows' => array_map(static fn (array $w): string => "$w[0] to $w[1]", $hours->windows()),
        ];
    }

    /**
     * @return list<array{camera: string, voice: string, distance: string, late: string, frames: string}> how late each camera hears each
     *     voice
     */
    public function delays(): array
    {
        $rows = [];
        $fps = $this->situation->setup->setup->metering->fps;
        foreach ($this->situation->setup->cameras as $camera) {
            foreach ($this->situation->voices() as $voice) {
                $distance = $camera->pupil()->distanceTo($voice->at);
                $rows[] = [
                    'camera' => $camera->placement->label,
                    'voice' => $voice->name,
                    'distance' => $this->reader->metres($distance),
                    'late' => number_format(1000 * Delay::seconds($distance), 1).' ms',
                    'frames' => number_format(Delay::seconds($distance) * $fps, 2),
                ];
            }
        }

        return $rows;
    }

    private function db(float $db): string
    {
        return str_replace('-', '−', $this->reader->print(Quantity::of($db, Unit::Decibel)));
    }
}
