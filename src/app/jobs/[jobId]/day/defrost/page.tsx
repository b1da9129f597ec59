import { signedIn } from '@/server/access/signed-in';
import { listWeather } from '@/server/repositories/weather';
import { DefrostPage } from '@/ui/day/defrost/defrost-page';

const DayDefrostPage = async () => <DefrostPage brought={await listWeather((await signedIn()).scope)} />;

export default DayDefrostPage;
