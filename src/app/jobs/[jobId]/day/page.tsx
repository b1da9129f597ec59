import { signedIn } from '@/server/access/signed-in';
import { listWeather } from '@/server/repositories/weather';
import { DayPage } from '@/ui/day/day-page';

const DayRunPage = async () => <DayPage brought={await listWeather((await signedIn()).scope)} />;

export default DayRunPage;
