import { signedIn } from '@/server/access/signed-in';
import { listWeather } from '@/server/repositories/weather';
import { MeasuredPage } from '@/ui/day/measured/measured-page';

const DayHousePage = async () => <MeasuredPage brought={await listWeather((await signedIn()).scope)} />;

export default DayHousePage;
